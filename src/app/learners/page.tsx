import type { Metadata } from "next";
import type { ReactElement } from "react";
import { database, historiesOf, listLearners } from "@/data";
import { recordedPatterns } from "@/service/requests/marking/record";
import { LearnersScreen } from "@/ui/learners";

export const metadata: Metadata = { title: "Learners" };

export default function LearnersPage(): ReactElement {
  const data = database();
  const all = listLearners(data);
  const histories = historiesOf(
    data,
    all.map(({ id }) => id),
  );
  const learners = all.map((learner) => {
    const [first] = recordedPatterns(histories.get(learner.id));
    return { ...learner, pattern: first?.steady === true ? first.name : undefined };
  });
  return <LearnersScreen learners={learners} />;
}
