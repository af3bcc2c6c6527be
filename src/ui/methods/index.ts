export { MethodsScreen, type ShownMethod } from "./MethodsScreen";
