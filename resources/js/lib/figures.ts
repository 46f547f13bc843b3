import { type Dimension, type UnitDisplay, useShared } from './page';

/** A number with as many decimals as are worth reading: 1,234, 46.2, 7.25, 0.055. */
export function figure(value: number, decimals?: number): string {
    return text(value, decimals ?? places(value, 3), decimals ?? 0);
}

/** A figure in base units as the keeper reads it, without its unit; the server writes it the same way. */
export function amountIn(base: number, unit: UnitDisplay): string {
    const value = base / unit.factor + unit.offset;
    return text(value, unit.decimals ?? places(value, unit.smallDecimals), 0);
}

function places(value: number, small: number): number {
    const size = Math.abs(value);
    return size >= 100 ? 0 : size >= 10 ? 1 : size >= 1 ? 2 : size >= 0.01 ? small : small + 1;
}

function text(value: number, most: number, least: number): string {
    const written = value.toLocaleString('en', { maximumFractionDigits: most, minimumFractionDigits: least });
    return written.replace('-', '−').replace(/^−0$/, '0');
}

/** The same with its sign always shown. */
export function signed(value: number, decimals?: number): string {
    const text = figure(value, decimals);
    return /^[−0]/.test(text) && !(value > 0) ? text : `+${text}`;
}

/** Shows base units in the keeper's units. */
export function useUnits() {
    const { units } = useShared();
    return {
        unit: (dimension: Dimension) => units[dimension].unit,
        amount: (base: number, dimension: Dimension) => amountIn(base, units[dimension]),
        show: (base: number, dimension: Dimension) => `${amountIn(base, units[dimension])} ${units[dimension].unit}`,
    };
}
