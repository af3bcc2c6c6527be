export { type Features, featuresOf } from "./features";
