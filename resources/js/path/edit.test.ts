import { describe, expect, it } from 'vitest';
import * as edit from './edit';
import { type KindSpec, type TypedItem, type TypedPath } from './types';

const item = (id: string, kind = 'sock'): TypedItem => ({
    ...edit.newItem({ lines: [], removed: [] } as unknown as TypedPath, kind),
    id,
});

function path(...main: string[]): TypedPath {
    return {
        name: 'Sketch',
        style: 'sump',
        litresPerHour: '',
        stockNow: 'medium',
        stockPlanned: 'medium',
        without: {},
        lines: [
            {
                id: edit.MAIN,
                name: '',
                from: '',
                to: '',
                tank: false,
                litresPerHour: '',
                tankLitres: '',
                items: main.map((id) => item(id)),
            },
        ],
        removed: [],
    };
}

const order = (of: TypedPath, line = edit.MAIN) => of.lines.find((one) => one.id === line)?.items.map((one) => one.id);

describe('laying out a path', () => {
    it('puts an item where it is told and leaves what it was given alone', () => {
        const before = path('a', 'b');
        expect(order(edit.insert(before, item('x'), { line: edit.MAIN, index: 1 }))).toEqual(['a', 'x', 'b']);
        expect(order(before)).toEqual(['a', 'b']);
    });

    it('adds what stands in open water before the return pump, and the rest behind it', () => {
        const spec = (key: string, returns = false, underPressure = false) =>
            [key, { key, returns, underPressure } as KindSpec] as const;
        const kinds = new Map([spec('sock'), spec('return-pump', true), spec('uv', false, true)]);
        const of = (...main: string[]) => ({
            ...path(),
            lines: path().lines.map((line) => ({ ...line, items: main.map((kind, i) => item(String(i), kind)) })),
        });
        const at = (kind: string, ...main: string[]) => edit.endFor(of(...main), kind, kinds).index;
        expect(at('sock', 'sock', 'return-pump')).toBe(1);
        expect(at('uv', 'sock', 'return-pump')).toBe(2);
        expect(at('return-pump', 'sock', 'return-pump')).toBe(2);
        // A hang-on filter goes on behind its motor.
        expect(at('sock', 'return-pump', 'sock')).toBe(2);
        expect(at('sock')).toBe(0);
    });

    it('moves an item on its own line by where it would stand, before or behind', () => {
        const before = path('a', 'b', 'c');
        expect(order(edit.move(before, 'a', { line: edit.MAIN, index: 3 }))).toEqual(['b', 'c', 'a']);
        expect(order(edit.move(before, 'c', { line: edit.MAIN, index: 0 }))).toEqual(['c', 'a', 'b']);
    });

    it('nudges an item one step and not beyond the ends', () => {
        const before = path('a', 'b');
        expect(order(edit.nudge(before, 'a', 1))).toEqual(['b', 'a']);
        expect(order(edit.nudge(before, 'a', -1))).toEqual(['a', 'b']);
        expect(order(edit.nudge(before, 'b', 1))).toEqual(['a', 'b']);
    });

    it('sets an item aside and brings it back', () => {
        const out = edit.takeOut(path('a', 'b'), 'a');
        expect(order(out)).toEqual(['b']);
        expect(out.removed.map((one) => one.id)).toEqual(['a']);
        const back = edit.putBack(out, 'a', { line: edit.MAIN, index: 1 });
        expect(order(back)).toEqual(['b', 'a']);
        expect(back.removed).toEqual([]);
    });

    it('never gives two items one id, whatever was taken out meanwhile', () => {
        let grown = path();
        for (let n = 0; n < 5; n++) {
            grown = edit.insert(grown, edit.newItem(grown, 'sock'), { line: edit.MAIN, index: 0 });
            grown = n === 2 ? edit.takeOut(grown, grown.lines[0]?.items[1]?.id ?? '') : grown;
        }
        const ids = [...edit.allItems(grown), ...grown.removed].map((one) => one.id);
        expect(new Set(ids).size).toBe(5);
    });

    it('keeps every item through any moves, each once', () => {
        let moved = edit.addLine(path('a', 'b', 'c', 'd'), false, 'b');
        const branch = moved.lines[1]?.id ?? '';
        ['a', 'c', 'd', 'a'].forEach((id, i) => {
            moved = edit.move(moved, id, { line: i % 2 === 0 ? branch : edit.MAIN, index: i % 2 });
        });
        expect(
            edit
                .allItems(moved)
                .map((one) => one.id)
                .sort(),
        ).toEqual(['a', 'b', 'c', 'd']);
    });
});
