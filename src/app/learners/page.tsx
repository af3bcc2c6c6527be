import type { Metadata } from "next";
import type { ReactElement } from "react";
import { slipFacts } from "@/core/slips";
import { countsOf, database, listLearners } from "@/data";
import { LearnersScreen } from "@/ui/learners";
import { addLearner, bringLearnerBack, renameLearner, takeLearnerOff } from "../learnerActions";
import { recordedSlips } from "../record";

export const metadata: Metadata = { title: "Learners" };

export default function LearnersPage(): ReactElement {
  const data = database();
  const all = listLearners(data);
  const counts = countsOf(
    data,
    all.map(({ id }) => id),
  );
  const learners = all.map(({ id, name }) => {
    const [first] = recordedSlips(data, id);
    return {
      id,
      name,
      answers: counts.get(id) ?? 0,
      slip: first?.steady === true ? slipFacts(first.slip).name : undefined,
    };
  });
  return (
    <LearnersScreen
      learners={learners}
      acts={{ add: addLearner, rename: renameLearner, remove: takeLearnerOff, restore: bringLearnerBack }}
    />
  );
}
