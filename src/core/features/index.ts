export { featuresOf } from "./features";
