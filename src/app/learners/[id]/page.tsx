import type { Metadata } from "next";
import { notFound } from "next/navigation";
import type { ReactElement } from "react";
import { database, findLearner } from "@/data";
import { LearnerScreen } from "@/ui/learners";
import { recordedAnswers, recordedSlips } from "../../record";

export const metadata: Metadata = { title: "Learner" };

export default async function LearnerPage({
  params,
}: {
  readonly params: Promise<{ readonly id: string }>;
}): Promise<ReactElement> {
  const { id } = await params;
  const learner = findLearner(database(), id);
  if (learner === undefined) notFound();
  return (
    <LearnerScreen
      name={learner.name}
      slips={recordedSlips(database(), id)}
      answers={recordedAnswers(database(), id)}
    />
  );
}
