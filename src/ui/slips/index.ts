export { NoWrongWay } from "./NoWrongWay";
export { WrongWayScreen } from "./WrongWayScreen";
export { choicesFor, wrongWayOf } from "./wrongWay";
