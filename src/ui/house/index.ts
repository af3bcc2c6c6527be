export { HouseRulesScreen } from "./HouseRulesScreen";
