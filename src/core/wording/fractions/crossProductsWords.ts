import type { OwnReason } from "../../methods";
import { writeNumeral } from "../../number";
import { signOf } from "../../problem";
import type { MethodWords } from "../contract/methodWords";
import type { StepsOf } from "../contract/wordbook";
import { RELATION_WORDS } from "../numbers/terms";

/** The words for the method itself. */
export const CROSS_PRODUCTS_WORDS: MethodWords<"cross-products"> = {
  name: "Cross products",
  about: "Each numerator times the other's denominator; the larger product has the larger fraction.",
  preferredBy:
    "For comparing two fractions without looking for a common denominator, and for showing that two are equal. It is a short cut: both stand over the product of the denominators, which is not written.",
  refusals: {},
};

export const CROSS_PRODUCTS_STEPS: StepsOf<OwnReason<"cross-products">> = {
  crossProduct: ({ numerator, denominator, product, first }, house) => ({
    say: `${first ? "The first numerator times the second denominator" : "The second numerator times the first denominator"}: ${numerator} ${signOf("multiply", house)} ${denominator} = *${product}*.`,
    why: first
      ? "This is the numerator that the first fraction gets over the product of both denominators."
      : "This is the numerator that the second fraction gets over that same product.",
    ask: first ? "Which two numbers are multiplied crosswise first?" : "Which two are left?",
  }),
  overBoth: ({ fractions: [a, b], widened: [left, right] }, house) => ({
    say: `Written out, ${writeNumeral(a, house)} = *${writeNumeral(left, house)}* and ${writeNumeral(b, house)} = *${writeNumeral(right, house)}*.`,
    why: `${a.denominator} ${signOf("multiply", house)} ${b.denominator} = ${left.denominator} is a denominator for both. Now both count parts of one kind.`,
    ask: "Over which denominator do both products stand?",
  }),
  compareProducts: ({ products: [left, right], relation }) => ({
    say: `So only the products count: *${left} ${RELATION_WORDS[relation]} ${right}*.`,
    why:
      relation === "="
        ? "As many parts of one kind are the same number. Two fractions are equal just where their cross products are."
        : "Of parts of one kind, more of them are more.",
    ask: "How do the two products lie to each other, and what does that say of the fractions?",
  }),
};
