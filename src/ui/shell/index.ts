export { ListPage } from "./ListPage";
export { Rail } from "./Rail";
