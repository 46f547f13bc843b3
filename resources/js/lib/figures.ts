import { type Dimension, useShared } from './page';

/** A number with as many decimals as are worth reading: 1,234, 46.2, 7.25, 0.055. */
export function figure(value: number, decimals?: number): string {
    const size = Math.abs(value);
    const places = decimals ?? (size >= 100 ? 0 : size >= 10 ? 1 : size >= 1 ? 2 : 3);
    const text = value.toLocaleString('en', { maximumFractionDigits: places, minimumFractionDigits: decimals ?? 0 });
    return text.replace('-', '−');
}

/** The same with its sign always shown. */
export function signed(value: number, decimals?: number): string {
    const text = figure(value, decimals);
    return /^[−0]/.test(text) && !(value > 0) ? text : `+${text}`;
}

/** Shows base units in the keeper's units. */
export function useUnits() {
    const { units } = useShared();
    const shown = (base: number, dimension: Dimension) => base / units[dimension].factor + units[dimension].offset;
    return {
        unit: (dimension: Dimension) => units[dimension].unit,
        amount: (base: number, dimension: Dimension) => figure(shown(base, dimension)),
        show: (base: number, dimension: Dimension) => `${figure(shown(base, dimension))} ${units[dimension].unit}`,
    };
}
