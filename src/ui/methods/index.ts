export { MethodsScreen } from "./MethodsScreen";
