/** Asks for the passphrase where a sign-in has ended; says whether somebody is in again. */
type Asks = () => Promise<boolean>;

let asks: Asks | undefined;

/** Who asks for the passphrase from now on. */
export const onSignInEnded = (ask: Asks): void => {
  asks = ask;
};

/** Has the passphrase asked for; none where nobody is there who could. */
export const askToSignIn = (): Promise<boolean> | undefined => asks?.();
