export { Rail } from "./Rail";
