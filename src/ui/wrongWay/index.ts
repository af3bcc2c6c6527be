export { NoWrongWay } from "./NoWrongWay";
export { WrongWayScreen } from "./WrongWayScreen";
