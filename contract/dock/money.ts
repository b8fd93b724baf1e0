// Prices and what they are in.
import { string } from 'yup';
import { finite } from '../basics/fields.ts';

/** Of one, in the currency beside it. */
export const price = () => finite(0, 1_000_000);
export const currency = () => string().matches(/^[A-Z]{3}$/, 'must be three capital letters');
