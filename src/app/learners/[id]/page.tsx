import type { Metadata } from "next";
import { notFound } from "next/navigation";
import type { ReactElement } from "react";
import { attemptsOf, database, findLearner, historyOf } from "@/data";
import { LearnerScreen } from "@/ui/learners";
import { MOST_ANSWERS, recordedAnswers, recordedSlips } from "../../record";

export const metadata: Metadata = { title: "Learner" };

export default async function LearnerPage({
  params,
}: {
  readonly params: Promise<{ readonly id: string }>;
}): Promise<ReactElement> {
  const { id } = await params;
  const data = database();
  const learner = findLearner(data, id);
  if (learner === undefined) notFound();
  const { attempts, unread } = attemptsOf(data, id, MOST_ANSWERS);
  return (
    <LearnerScreen
      name={learner.name}
      slips={recordedSlips(historyOf(data, id))}
      answers={recordedAnswers(attempts)}
      unread={unread}
    />
  );
}
