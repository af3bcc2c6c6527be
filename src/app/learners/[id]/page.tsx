import type { Metadata } from "next";
import { notFound } from "next/navigation";
import type { ReactElement } from "react";
import { attemptsOf, database, findLearner, historyOf } from "@/data";
import { ANSWERS_A_PAGE, recordedAnswers, recordedPatterns } from "@/service/requests/marking/record";
import { ROUTES } from "@/service/routes";
import { LearnerScreen } from "@/ui/learners";
import { type Parameters, parametersOf } from "../../reading/parameters";

export const metadata: Metadata = { title: "Learner" };

export default async function LearnerPage({
  params,
  searchParams,
}: {
  readonly params: Promise<{ readonly id: string }>;
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const { id } = await params;
  const data = database();
  const learner = findLearner(data, id);
  if (learner === undefined) notFound();
  const { most = "" } = await parametersOf(searchParams);
  const count = /^\d{1,4}$/.test(most) ? Math.max(ANSWERS_A_PAGE, Number(most)) : ANSWERS_A_PAGE;
  const { attempts, unread } = attemptsOf(data, id, count);
  return (
    <LearnerScreen
      name={learner.name}
      patterns={recordedPatterns(historyOf(data, id))}
      answers={recordedAnswers(attempts)}
      unread={unread}
      more={
        attempts.length + unread.length < count
          ? undefined
          : `${ROUTES.learner(id)}?most=${count + ANSWERS_A_PAGE}`
      }
    />
  );
}
