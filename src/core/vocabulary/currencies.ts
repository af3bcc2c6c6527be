/** What a currency is called, and several of it; its minor unit, and several of that. */
export const CURRENCY_WORDS = {
  USD: { name: "dollar", names: "dollars", minor: "cent", minors: "cents" },
  GBP: { name: "pound", names: "pounds", minor: "penny", minors: "pence" },
  EUR: { name: "euro", names: "euros", minor: "cent", minors: "cents" },
  ZAR: { name: "rand", names: "rand", minor: "cent", minors: "cents" },
  PHP: { name: "peso", names: "pesos", minor: "centavo", minors: "centavos" },
  INR: { name: "rupee", names: "rupees", minor: "paisa", minors: "paise" },
} as const;
