import { Box, chakra } from '@chakra-ui/react';
import { DndContext, type DragEndEvent, DragOverlay, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { useEffect, useState } from 'react';
import { Frame } from '../frame/Frame';
import { useDates } from '../lib/dates';
import { useCharacter } from '../lib/useCharacter';
import { useUnits } from '../lib/figures';
import { type SystemFrame, useShared } from '../lib/page';
import { useLiveDraft } from '../lib/useLiveDraft';
import { Button } from '../parts/Button';
import { Glyph } from '../parts/Glyph';
import { pinsOf } from '../parts/pins';
import { BranchHead } from './BranchHead';
import { DraftBar } from './DraftBar';
import { dropPlace } from './dropPlace';
import * as edit from './edit';
import { ItemEditor } from './ItemEditor';
import { PartsOut } from './PartsOut';
import { PathTabs } from './PathTabs';
import { ReviewColumn } from './ReviewColumn';
import { Revisions } from './Revisions';
import { Riser } from './Riser';
import { Shelf } from './Shelf';
import {
    type Catalogue,
    type PathChoice,
    type Review,
    type StoredDraft,
    type TypedItem,
    type TypedPath,
} from './types';

interface Props {
    frame: SystemFrame;
    catalogue: Catalogue;
    drafts: PathChoice[];
    revisions: PathChoice[];
    draft: StoredDraft;
    /** The item that a stop of the water line leads to; empty without one. */
    item: string;
}

/** A draft on the table: the catalogue, the path with its branches, and the review beside it. */
export function LayOut({ frame, catalogue, drafts, revisions, draft, item: asked }: Props) {
    const units = useShared().keeper?.units ?? 'metric';
    const live = useLiveDraft<TypedPath, Review>({
        key: `ithys-path-${draft.id}-${draft.version}-${units}`,
        name: 'path',
        url: `/systems/${frame.id}/drafts/${draft.id}`,
        previewUrl: `/systems/${frame.id}/path/preview`,
        typedOf: (props) => (props.draft as StoredDraft | null)?.typed,
        version: draft.version,
        saved: true,
        typed: draft.typed,
        view: draft.review,
    });
    const { now: path, view: review, problems: all, stale, dirty, change, undo, canUndo } = live;
    const { unit } = useUnits();
    const { day } = useDates();
    const [open, setOpen] = useState<string | null>(asked === '' ? null : asked);
    const [said, setSaid] = useState('');
    const [dragged, setDragged] = useState<string | null>(null);
    const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }));
    const kinds = new Map(catalogue.kinds.map((kind) => [kind.key, kind]));
    const items = edit.allItems(path);
    const title = (item: TypedItem) => edit.titleOf(item, kinds);
    const titleOfId = (id: string) => {
        const item = [...items, ...path.removed].find((one) => one.id === id);
        return item === undefined ? '' : title(item);
    };
    const pins = pinsOf(review.findings);

    // A stop of the water line leads to its item, also while this page is open.
    const [led, setLed] = useState(asked);
    if (led !== asked) {
        setLed(asked);
        setOpen(asked === '' ? null : asked);
    }
    useEffect(() => {
        document.getElementById(`item-${asked}`)?.scrollIntoView({ block: 'center' });
    }, [asked]);

    const say = (next: TypedPath, id: string, did: string) => {
        const at = edit.placeOf(next, id);
        const line = next.lines.find((one) => one.id === at?.line);
        setSaid(
            at === null || line === undefined
                ? `${did}.`
                : `${did}: ${at.index + 1} of ${line.items.length} on ${lineTitle(line.id, next)}.`,
        );
    };
    const lineTitle = (id: string, of = path) => {
        const line = of.lines.find((one) => one.id === id);
        return line === undefined || id === edit.MAIN
            ? 'the main line'
            : line.name || (line.tank ? 'the further tank' : 'the branch');
    };
    const add = (kind: string, place?: edit.Place) => {
        const item = edit.newItem(path, kind);
        const after = open === null ? null : edit.placeOf(path, open);
        const next = edit.insert(
            path,
            item,
            place ?? (after === null ? edit.endFor(path, kind, kinds) : { line: after.line, index: after.index + 1 }),
        );
        change(next);
        // Where one item is open, the next goes after the new one; else adding goes on at the end.
        if (open !== null) {
            setOpen(item.id);
        }
        say(next, item.id, `${title(item)} added`);
    };
    const moveTo = (id: string, place: edit.Place) => {
        const next = edit.move(path, id, place);
        change(next);
        say(next, id, `${titleOfId(id)} moved`);
    };
    const nudge = (id: string, step: -1 | 1) => {
        const next = edit.nudge(path, id, step);
        change(next);
        say(next, id, `${titleOfId(id)} moved`);
    };
    const drop = ({ active, over }: DragEndEvent) => {
        setDragged(null);
        const place = over?.data.current as edit.Place | undefined;
        const { item, kind } = (active.data.current ?? {}) as { item?: string; kind?: string };
        if (place === undefined) {
            return;
        }
        if (item !== undefined) {
            moveTo(item, place);
        } else if (kind !== undefined) {
            add(kind, place);
        }
    };
    const pick = (id: string) => {
        setOpen(id);
        requestAnimationFrame(() => document.getElementById(`item-${id}`)?.scrollIntoView({ block: 'center' }));
    };
    const joints = (id: string) =>
        path.lines.flatMap((line) => [
            ...(line.from === id ? [`↳ feeds ${lineTitle(line.id)}`] : []),
            ...(line.to === id ? [`↰ takes in ${lineTitle(line.id)}`] : []),
        ]);

    useCharacter('a', () => document.getElementById('catalogue-find')?.focus());

    const ends = items.map((item): [string, string] => [item.id, title(item)]);
    const lines = path.lines.map((line): [string, string] => [line.id, lineTitle(line.id)]);
    const editor = (item: TypedItem, lineId: string | null) => (
        <ItemEditor
            item={item}
            catalogue={catalogue}
            problems={all}
            computed={review.items[item.id]?.computed ?? {}}
            systemId={frame.id}
            lines={lineId === null ? [] : lines}
            line={lineId ?? ''}
            onChange={(changed) => change(edit.changeItem(path, item.id, changed))}
            onLine={(line) =>
                moveTo(item.id, { line, index: path.lines.find((one) => one.id === line)?.items.length ?? 0 })
            }
            onTakeOut={lineId === null ? null : () => change(edit.takeOut(path, item.id))}
            onRemove={() => change(edit.remove(path, item.id))}
        />
    );
    const riser = (line: TypedPath['lines'][number]) => (
        <Riser
            line={line}
            review={review}
            pins={pins}
            open={open}
            titles={title}
            joints={joints}
            onOpen={setOpen}
            onNudge={nudge}
            editor={(item) => editor(item, line.id)}
        />
    );
    const inForce =
        draft.inForce === null
            ? ''
            : `${draft.inForce.same ? '' : 'an earlier state '}in force since ${day(draft.inForce.since)}`;
    const [main, ...branches] = path.lines;

    return (
        <DndContext
            sensors={sensors}
            autoScroll={{ threshold: { x: 0, y: 0.08 }, acceleration: 6 }}
            collisionDetection={dropPlace}
            onDragStart={({ active }) => {
                const { item, kind } = (active.data.current ?? {}) as { item?: string; kind?: string };
                setDragged(kind ?? items.find((one) => one.id === item)?.kind ?? null);
            }}
            onDragCancel={() => setDragged(null)}
            onDragEnd={drop}
        >
            <Frame
                title={`Path, ${path.name}`}
                area="Path"
                frame={frame}
                aside={
                    <ReviewColumn
                        review={review}
                        pins={pins}
                        stale={stale}
                        catalogue={catalogue}
                        titleOf={titleOfId}
                        without={path.without}
                        onWithout={(stage, why) => change({ ...path, without: { ...path.without, [stage]: why } })}
                        onPick={pick}
                    />
                }
            >
                <PathTabs systemId={frame.id} tab="Lay out" mark={`d${draft.id}`} />
                <chakra.h1 srOnly>The path of the water: {path.name}</chakra.h1>
                <DraftBar
                    systemId={frame.id}
                    draftId={draft.id}
                    drafts={drafts}
                    path={path}
                    catalogue={catalogue}
                    problems={all}
                    dirty={dirty}
                    inForce={inForce}
                    computedFlow={review.computedFlow}
                    canSave={live.canSave}
                    canUndo={canUndo}
                    onChange={(changed) => change({ ...path, ...changed })}
                    onUndo={undo}
                    onDiscard={live.backToSaved}
                    onSave={live.save}
                />
                <Box srOnly role="status" aria-live="polite">
                    {said}
                </Box>
                <Box
                    display="grid"
                    gridTemplateColumns={{ base: '1fr', md: '210px minmax(0, 1fr)' }}
                    gap={{ base: '4', md: '6' }}
                >
                    <Box position={{ md: 'sticky' }} top="8px" alignSelf="start">
                        <Shelf catalogue={catalogue} onAdd={add} />
                    </Box>
                    <chakra.section aria-label="Path" minW="0">
                        <Node>Display</Node>
                        {main && riser(main)}
                        <Node>back to the display</Node>
                        {branches.map((line) => (
                            <chakra.section
                                key={line.id}
                                aria-label={lineTitle(line.id)}
                                mt="5"
                                borderTopWidth="1px"
                                pt="3"
                            >
                                <BranchHead
                                    line={line}
                                    ends={ends.filter(([id]) => !line.items.some((item) => item.id === id))}
                                    flowUnit={unit('flow')}
                                    volumeUnit={unit('volume')}
                                    problems={all}
                                    onChange={(changed) => change(edit.changeLine(path, line.id, changed))}
                                    onRemove={() => change(edit.removeLine(path, line.id))}
                                />
                                {riser(line)}
                            </chakra.section>
                        ))}
                        <Box display="flex" flexWrap="wrap" gap="2" mt="4">
                            <Button onClick={() => change(edit.addLine(path, false, open ?? ''))}>Add a branch</Button>
                            <Button onClick={() => change(edit.addLine(path, true, ''))}>
                                Add a further tank on this sump
                            </Button>
                        </Box>
                        <PartsOut
                            items={path.removed}
                            open={open}
                            titles={title}
                            onOpen={setOpen}
                            onPutBack={(id) =>
                                change(edit.putBack(path, id, { line: edit.MAIN, index: main?.items.length ?? 0 }))
                            }
                            editor={(item) => editor(item, null)}
                        />
                        <Revisions systemId={frame.id} revisions={revisions} />
                    </chakra.section>
                </Box>
            </Frame>
            <DragOverlay dropAnimation={null}>
                {dragged !== null && (
                    <Box
                        display="inline-flex"
                        alignItems="center"
                        gap="2"
                        bg="raised"
                        color="deep"
                        borderWidth="1.5px"
                        borderColor="deep"
                        borderRadius="4px"
                        px="2"
                        py="1"
                        fontSize="sm"
                        fontWeight="700"
                        whiteSpace="nowrap"
                    >
                        <Glyph kind={dragged} /> {kinds.get(dragged)?.label}
                    </Box>
                )}
            </DragOverlay>
        </DndContext>
    );
}

function Node({ children }: { children: string }) {
    return (
        <Box display="flex" alignItems="center" gap="3" fontSize="sm" color="quiet">
            <Box width="38px" height="12px" bg="water" borderTopWidth="2px" borderColor="deep" aria-hidden="true" />
            {children}
        </Box>
    );
}
