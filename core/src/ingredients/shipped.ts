import { Index } from './search';
import { ingredients } from './table';

let index: Index<(typeof ingredients)[number]> | null = null;

/** The shipped table, made ready to be searched when first asked for. */
export const shippedIndex = () => (index ??= new Index(ingredients));
