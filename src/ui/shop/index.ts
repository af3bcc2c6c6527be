export { ShopScreen } from "./ShopScreen";
