export { answerLatex, askedLatex, boardLatex, problemLatex } from "./latex";
export { boardMathml, problemMathml } from "./mathml";
