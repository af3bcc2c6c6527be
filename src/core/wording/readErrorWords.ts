import type { HouseRules } from "../house";
import { decimalSign, otherSign } from "../number";
import { MOST_OPERANDS, type ReadError, signOf } from "../problem";

/** One sentence for a line that can't be read: what was found, and what would be accepted. */
export function readErrorWords(error: ReadError, house: HouseRules): string {
  const mark = house.decimalMark;
  const other = mark === "point" ? "comma" : "point";
  const sample = `4${decimalSign(house)}2`;
  const [times, by] = [signOf("multiply", house), signOf("divide", house)];
  switch (error.code) {
    case "empty":
      return `Type a problem, such as 40${decimalSign(house)}3 + 7${decimalSign(house)}865 + 12, or 7${decimalSign(house)}2 ${by} 0${decimalSign(house)}08.`;
    case "tooLong":
      return `This line is longer than ${error.most.toLocaleString("en")} characters. Type up to ${MOST_OPERANDS.add} numbers with + between them, up to ${MOST_OPERANDS.multiply} with ${times}, or two with − or ${by}.`;
    case "letters":
      return `“${shortened(error.word)}” is not a number. Type digits, one ${mark} in a number at most, and +, −, ${times} or ${by}.`;
    case "unknownCharacter":
      return `“${error.character}” can't be read here. Type digits, one ${mark} in a number at most, and +, −, ${times} or ${by}.`;
    case "unknownForm":
      return `“${shortened(error.form)}” is no form for an answer. Type to tenths, to 2 places, with remainder, as a mixed number or exactly.`;
    case "formOfQuotients":
      return "Only a quotient can be given so. Leave the form away, or type to tenths or to 2 places.";
    case "roundToWhat":
      return `To what is it to be rounded? Type a place after it, as in round 3${decimalSign(house)}748 to tenths.`;
    case "compareTwo":
      return `Two numbers are compared. Type them as in compare 0${decimalSign(house)}45 and 0${decimalSign(house)}405.`;
    case "divisionByZero":
      return "Nothing can be divided by zero: no number times 0 gives the dividend. Type another divisor.";
    case "missingNumber":
      return "A number is missing here. Type one, such as 12.";
    case "missingSign":
      return error.readings.length > 0
        ? "There is a space inside this number. Choose what you mean, or type a sign between the two."
        : "These two numbers have nothing between them. Type a sign.";
    case "onlyOneNumber":
      return "One number alone is no problem yet. Type a sign and another number.";
    case "moreThanANumber":
      return "Only one number is wanted here, such as 60.";
    case "secondPoint":
      return `This number has a second ${mark}. A number has one at most, as in ${sample}.`;
    case "lonePoint":
      return `A ${mark} needs a digit beside it, as in 0${decimalSign(house)}5.`;
    case "badGroups":
      return house.grouping === "mark"
        ? `A ${other} groups whole numbers in threes, as in 1${otherSign(house)}200. Here it stands elsewhere.`
        : `A ${other} has no place in a number under these house rules. Type ${sample} for decimals, 1200 for thousands.`;
    case "otherNotation":
      return `These house rules write decimals with a ${mark}. Choose what you mean, or change the house rules.`;
    case "tooManyDigits":
      return `This number has more than ${error.most} digits ${error.side === "whole" ? "before" : "after"} the ${mark}. Type ${error.most} at most.`;
    case "signedNumber":
      return "A minus has no number before it. Written methods start from numbers that are zero or more.";
    case "mixedOperations":
      return `One operation at a time: numbers with + between them, or with ${times}; or one number − or ${by} another.`;
    case "tooManyNumbers":
      return `Up to ${error.most} numbers can be ${error.op === "add" ? "added" : "multiplied"} on one board. Take some away here.`;
  }
}

const shortened = (word: string): string => (word.length > 20 ? `${word.slice(0, 20)}…` : word);
