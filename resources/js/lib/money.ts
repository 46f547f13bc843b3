import { figure } from './figures';
import { useShared } from './page';

/** Writes an amount of money in the keeper's currency, or without one where none is chosen. */
export function useMoney() {
    const currency = useShared().keeper?.currency ?? null;
    return (amount: number, decimals = 0) =>
        currency === null ? figure(amount, decimals) : `${figure(amount, decimals)} ${currency}`;
}
