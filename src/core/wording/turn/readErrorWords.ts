import type { HouseRules } from "../../house";
import { decimalSign, otherSign } from "../../number";
import { type FormOf, MOST_OPERANDS, type ReadError, signOf } from "../../problem";
import { sentence } from "../numbers/line";

/** One sentence for a line that can't be read: what was found, and what would be accepted. */
export function readErrorWords(error: ReadError, house: HouseRules): string {
  const mark = house.decimalMark;
  const other = mark === "point" ? "comma" : "point";
  const sample = `4${decimalSign(house)}2`;
  const [times, by] = [signOf("multiply", house), signOf("divide", house)];
  switch (error.code) {
    case "empty":
      return `Type a problem, such as 40${decimalSign(house)}3 + 7${decimalSign(house)}865 + 12, 2/3 + 1/4 or 3 ${times} 2 ft 7 in.`;
    case "tooLong":
      return `This line is longer than ${error.most.toLocaleString("en")} characters. Type up to ${MOST_OPERANDS.add} numbers with + between them, or a chain of up to ${MOST_OPERANDS.chain}.`;
    case "letters":
      return `“${shortened(error.word)}” is not a number or a task. Type digits, one ${mark} in a number at most, and +, −, ${times} or ${by}; units go after a number, as in 3 ft.`;
    case "unknownUnit":
      return `“${shortened(error.word)}” is no unit here. Type one such as lb, oz, ft, in, gal, pt, L, mL, kg, g, km, m, cm, h, min, s or days, or c or p for small money.`;
    case "unknownCharacter":
      return `“${error.character}” can't be read here. Type digits, one ${mark} in a number at most, and +, −, ${times} or ${by}.`;
    case "unknownForm":
      return `“${shortened(error.form)}” is no form for an answer. Type to tenths, to 2 places, with remainder, as a mixed number, as a fraction, as a decimal, in lb and oz, or exactly.`;
    case "otherForm":
      return OTHER_FORM[error.of];
    case "orderSeveral":
      return `Type two to ${error.most} numbers to put in order, as in order 2/3; 3/4; 5/8.`;
    case "zeroDenominator":
      return "A denominator can't be zero: nothing can be cut into no parts. Type another one.";
    case "wholeFraction":
      return error.readings.length > 0
        ? "A fraction has whole numbers above and below. Choose what you mean, or type a space on both sides of the slash to divide."
        : "Only the last unit may have decimals, and a fraction has whole numbers above and below.";
    case "twoSlashes":
      return "Two slashes in a row can mean two things. Choose what you mean; a slash with spaces divides.";
    case "fractionOfUnit":
      return `A fraction can't count a unit here. Type it as a decimal, as in 3${decimalSign(house)}5 lb, or with a smaller unit, as in 3 lb 8 oz.`;
    case "notWholeTimes":
      return "A measure or an amount is multiplied or divided by a whole number here, such as 3.";
    case "power":
      return `A power here is a whole number from 2 to ${error.most}.`;
    case "openBracket":
      return "This bracket is never closed. Type ) where it ends.";
    case "closeBracket":
      return "This bracket was never opened. Take it away, or type ( where it begins.";
    case "deepBrackets":
      return `Brackets can stand ${error.most} deep at most. Work the inner ones by themselves first.`;
    case "signedBracket":
      return "A minus before a bracket is not read here. Write what is in it with other signs, or 0 − before it.";
    case "unlikeUnits":
      return `${sentence(error.one)} and ${error.other} measure different things, so they can't be put together. Type units of one kind.`;
    case "otherSystem":
      return `${sentence(error.one)} and ${error.other} don't fit into each other whole. Write both in units of one system first.`;
    case "unitOrder":
      return `The larger unit comes first in a measure, and each once: here ${error.other} come after ${error.one}.`;
    case "bareNumber":
      return error.beside === "money"
        ? "This number has no money sign, and the other has one. Type it with its sign too."
        : "This number has no unit, and the other has one. Type its unit too.";
    case "twoMeasures":
      return "Two quantities with units can't be multiplied here. Let one of them be a plain number.";
    case "dividesANumber":
      return "A plain number can't be divided by a quantity with a unit. Turn them round, or leave the unit away.";
    case "unknownCurrency":
      return `“${error.sign}” is no money that is known here. The signs are $, £, €, R, ₱ and ₹.`;
    case "mixedCurrencies":
      return `${sentence(error.one)} and ${error.other} can't be put together. Type all of it in one money.`;
    case "smallerThanMinor":
      return `There is nothing smaller than ${error.minors} here. Type two places after the ${mark} at most, and whole ${error.minors}.`;
    case "negativeAmount":
      return "Amounts and measures, and numbers that are compared, put in order or rounded, are zero or more here. Leave the minus away.";
    case "cantHandOver":
      return `Notes are handed over for prices up to ${error.most.toLocaleString("en")}, and some kind of note must be there. Type a smaller price, or leave a note in the purse.`;
    case "belowZeroOnTheWay":
      return "This part comes to less than nothing, and the line can't go on from there. Take the smaller from the larger.";
    case "unevenOnTheWay":
      return "This part does not come out even, and the line can't go on with what is left over. Work it by itself, or put it last.";
    case "unevenParts":
      return "This part of the amount does not come out in whole pieces of money. Choose an amount that can be parted so.";
    case "unknownPiece":
      return `There is no such coin or note. There are ${error.pieces.join(", ")}.`;
    case "largeFraction":
      return `Above and below the line of a fraction stand ${error.most} digits at most. Type shorter ones.`;
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
    case "tooManyNumbers":
      return `Up to ${error.most} numbers can be ${TOO_MANY[error.of]} on one board. Take some away here.`;
  }
}

const TOO_MANY = {
  add: "added",
  multiply: "multiplied",
  terms: "added and subtracted",
  fractions: "added",
  chain: "worked in a chain",
} as const;

const OTHER_FORM: Readonly<Record<FormOf, string>> = {
  round: "To what is it to be rounded? Type a place after it, such as to tenths.",
  compare: "This task has its own form of answer. Leave the form away.",
  number: "Only some problems can be answered so: remainders and exactly are for quotients of plain numbers.",
  fraction: "It does not come out whole with this denominator or numerator. Choose a multiple, or a divisor.",
  money: "An amount of money is answered in its money. Leave the form away.",
  measure: "A measure can be wanted in other units of its kind, as in 50 oz in lb and oz.",
};

const shortened = (word: string): string => (word.length > 20 ? `${word.slice(0, 20)}…` : word);
