export { TodayScreen } from "./TodayScreen";
