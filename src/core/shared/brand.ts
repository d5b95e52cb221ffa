declare const brand: unique symbol;

/** A type that structurally equals `Base` but is only accepted where the same `Name` is asked for. */
export type Brand<Base, Name extends string> = Base & { readonly [brand]: Name };
