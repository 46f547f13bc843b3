import { type KindSpec, type TypedItem, type TypedLine, type TypedPath } from './types';

// Changes to a typed path, each giving a new one. What they mean is for the core to judge.

export const MAIN = 'main';

export function allItems(path: TypedPath): TypedItem[] {
    return path.lines.flatMap((line) => line.items);
}

export function titleOf(item: TypedItem, kinds: Map<string, KindSpec>): string {
    return item.name.trim() || (kinds.get(item.kind)?.label ?? item.kind);
}

/** A mark that no other item or line of the path has. */
function freeMark(path: TypedPath, stem: string): string {
    const taken = new Set(
        [...allItems(path), ...path.removed].map((item) => item.id).concat(path.lines.map((line) => line.id)),
    );
    for (let n = 1; ; n++) {
        const mark = n === 1 ? stem : `${stem}-${n}`;
        if (!taken.has(mark)) {
            return mark;
        }
    }
}

export function newItem(path: TypedPath, kind: string): TypedItem {
    return {
        id: freeMark(path, kind),
        kind,
        name: '',
        tag: '',
        note: '',
        keptBecause: '',
        keptWhere: '',
        figures: {},
        choices: {},
        flags: [],
        media: [],
    };
}

export interface Place {
    line: string;
    index: number;
}

export function placeOf(path: TypedPath, id: string): Place | null {
    for (const line of path.lines) {
        const index = line.items.findIndex((item) => item.id === id);
        if (index >= 0) {
            return { line: line.id, index };
        }
    }
    return null;
}

/** Where one more goes on the main line: at its end, but before the return pump where that is last and it stands in open water. */
export function endFor(path: TypedPath, kind: string, kinds: Map<string, KindSpec>): Place {
    const items = path.lines.find((line) => line.id === MAIN)?.items ?? [];
    const last = kinds.get(items.at(-1)?.kind ?? '');
    const spec = kinds.get(kind);
    const behind = spec?.returns === true || spec?.underPressure === true;
    return { line: MAIN, index: items.length - (last?.returns === true && !behind ? 1 : 0) };
}

function withLine(path: TypedPath, id: string, change: (line: TypedLine) => TypedLine): TypedPath {
    return { ...path, lines: path.lines.map((line) => (line.id === id ? change(line) : line)) };
}

export function insert(path: TypedPath, item: TypedItem, place: Place): TypedPath {
    return withLine(path, place.line, (line) => ({ ...line, items: line.items.toSpliced(place.index, 0, item) }));
}

/** Moves an item to stand before the one that is at that place now. */
export function move(path: TypedPath, id: string, place: Place): TypedPath {
    const from = placeOf(path, id);
    const item = allItems(path).find((one) => one.id === id);
    if (from === null || item === undefined) {
        return path;
    }
    const index = from.line === place.line && from.index < place.index ? place.index - 1 : place.index;
    return insert(without(path, id), item, { line: place.line, index });
}

/** Moves an item one place up or down its line. */
export function nudge(path: TypedPath, id: string, step: -1 | 1): TypedPath {
    const from = placeOf(path, id);
    const length = path.lines.find((line) => line.id === from?.line)?.items.length ?? 0;
    if (from === null || from.index + step < 0 || from.index + step >= length) {
        return path;
    }
    return move(path, id, { line: from.line, index: from.index + (step === 1 ? 2 : -1) });
}

function without(path: TypedPath, id: string): TypedPath {
    return {
        ...path,
        lines: path.lines.map((line) => ({ ...line, items: line.items.filter((item) => item.id !== id) })),
        removed: path.removed.filter((item) => item.id !== id),
    };
}

/** Takes an item off the path; branches that were joined to it are left with an open end. */
export function remove(path: TypedPath, id: string): TypedPath {
    const rest = without(path, id);
    return {
        ...rest,
        lines: rest.lines.map((line) => ({
            ...line,
            from: line.from === id ? '' : line.from,
            to: line.to === id ? '' : line.to,
        })),
    };
}

/** Takes an item off the path but keeps it among the parts taken out. */
export function takeOut(path: TypedPath, id: string): TypedPath {
    const item = allItems(path).find((one) => one.id === id);
    const rest = remove(path, id);
    return item === undefined ? path : { ...rest, removed: [...rest.removed, item] };
}

export function putBack(path: TypedPath, id: string, place: Place): TypedPath {
    const item = path.removed.find((one) => one.id === id);
    return item === undefined ? path : insert(without(path, id), item, place);
}

export function changeItem(path: TypedPath, id: string, change: Partial<TypedItem>): TypedPath {
    const changed = (item: TypedItem) => (item.id === id ? { ...item, ...change } : item);
    return {
        ...path,
        lines: path.lines.map((line) => ({ ...line, items: line.items.map(changed) })),
        removed: path.removed.map(changed),
    };
}

export function changeLine(path: TypedPath, id: string, change: Partial<TypedLine>): TypedPath {
    return withLine(path, id, (line) => ({ ...line, ...change }));
}

export function addLine(path: TypedPath, tank: boolean, from: string): TypedPath {
    const line: TypedLine = {
        id: freeMark(path, tank ? 'tank' : 'branch'),
        name: '',
        from: tank ? '' : from,
        to: '',
        tank,
        litresPerHour: '',
        tankLitres: '',
        items: [],
    };
    return { ...path, lines: [...path.lines, line] };
}

export function removeLine(path: TypedPath, id: string): TypedPath {
    const line = path.lines.find((one) => one.id === id);
    const rest = (line?.items ?? []).reduce((at, item) => remove(at, item.id), path);
    return { ...rest, lines: rest.lines.filter((one) => one.id !== id) };
}
