export { Drawn } from "./Drawn";
export { Paper, pageFor } from "./Paper";
