export { Screen } from "../parts/Screen";
export { Rail } from "./Rail";
