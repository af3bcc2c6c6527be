export { GIVEN_PARTS, type GivenPart } from "./givenParts";
export { type Looked, lookedAt } from "./lookedAt";
export { markedWork } from "./markedWork";
export { type ToldExplanation, toldExplanation } from "./toldExplanation";
export { givenInPlace, givenMarks, type Turn, type TurnWay, turnOf } from "./turn";
export { type Choice, choicesFor, type ShownWay, type WrongWay, wrongWayOf } from "./wrongWay";
