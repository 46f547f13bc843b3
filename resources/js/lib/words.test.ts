import { describe, expect, it } from 'vitest';
import table from '../../../tests/golden/figures.json';
import { amountIn, figure, signed } from './figures';
import { type UnitDisplay } from './page';
import { readLength, shopLength, typedLength } from './shopLength';

describe('figures on a page', () => {
    it.each([
        [1234.4, '1,234'],
        [46.24, '46.2'],
        [7.253, '7.25'],
        [0.0553, '0.055'],
        [-3.456, '−3.46'],
        [0, '0'],
    ])('writes %d with the digits worth reading', (value, text) => {
        expect(figure(value)).toBe(text);
    });

    it.each([
        [1.5, '+1.5'],
        [-1.5, '−1.5'],
        [0, '0'],
    ])('always shows the sign of %d, but none of nought', (value, text) => {
        expect(signed(value)).toBe(text);
    });
});

// The server writes this table; see tests/Core/Quantity/FigureTableTest.php.
describe('figures as the server writes them', () => {
    const units: Record<string, Record<string, UnitDisplay>> = table.units;

    it.each(table.figures)('writes %s %s of %d as %s', (system, dimension, base, text) => {
        const unit = units[system as string]?.[dimension as string] as UnitDisplay;
        expect(`${amountIn(base as number, unit)} ${unit.unit}`).toBe(text);
    });

    it.each(table.lengths)('writes a length in %s of %d mm as %s', (unit, mm, text) => {
        expect(`${shopLength(mm as number, unit as string)} ${unit}`).toBe(text);
    });
});

describe('lengths as they are typed', () => {
    it.each(table.typed)('types a length in %s of %d mm as %s', (unit, mm, text) => {
        expect(typedLength(mm as number, unit as string)).toBe(text);
    });

    it.each([
        ['9 27/32', 25.4, 250.03125],
        ['3/4', 25.4, 19.05],
        ['12', 25.4, 304.8],
        ['250.5', 1, 250.5],
        ['25 cm', 1, null],
        ['', 1, null],
        ['1/0', 1, null],
        ['12 a', 1, null],
    ])('reads “%s”', (typed, factor, mm) => {
        const read = readLength(typed, factor);
        expect(read === null ? null : Math.round(1e6 * read) / 1e6).toBe(mm);
    });
});

// Rulers in workshops read to the sixteenth of an inch (common practice); 25.4 mm is an inch (NIST SP 811).
describe('lengths on a drawing', () => {
    it.each([
        [25.4, '1'],
        [12.7, '1/2'],
        [238.125, '9 3/8'],
        [1.5875, '1/16'],
        [0.5, '0'],
        [-12.7, '−1/2'],
    ])('shows %d mm in inches to the sixteenth', (mm, text) => {
        expect(shopLength(mm, 'in')).toBe(text);
    });

    it('shows whole millimetres, and a decimal only below ten', () => {
        expect(shopLength(249.6, 'mm')).toBe('250');
        expect(shopLength(5.5, 'mm')).toBe('5.5');
    });
});
