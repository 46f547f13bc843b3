import { Box, chakra } from '@chakra-ui/react';
import { useDraggable } from '@dnd-kit/core';
import { type KeyboardEvent, useRef, useState } from 'react';
import { Button } from '../parts/Button';
import { Glyph } from '../parts/Glyph';
import { Input } from './Input';
import { type Catalogue, type KindSpec } from './types';

/** The equipment catalogue: find by a word, add by Enter or a click, or drag onto the path. */
export function Shelf({ catalogue, onAdd }: { catalogue: Catalogue; onAdd: (kind: string) => void }) {
    const [word, setWord] = useState('');
    const list = useRef<HTMLDivElement>(null);
    const [listed, setListed] = useState(false);
    const wanted = word.trim().toLowerCase();
    const found = catalogue.kinds.filter(
        (kind) => kind.label.toLowerCase().includes(wanted) || kind.says.toLowerCase().includes(wanted),
    );
    // A name that begins with the word comes before one that merely contains it.
    const first = found.find((kind) => kind.label.toLowerCase().startsWith(wanted)) ?? found[0];
    return (
        <chakra.section aria-label="Catalogue" minW="0">
            <Input
                id="catalogue-find"
                aria-label="Find equipment; arrow down for the list"
                placeholder="Add equipment"
                value={word}
                onText={setWord}
                onKeyDown={(event) => {
                    if (event.key === 'ArrowDown') {
                        event.preventDefault();
                        list.current?.querySelector('button')?.focus();
                    }
                    if (event.key === 'Enter' && wanted !== '' && first !== undefined) {
                        event.preventDefault();
                        onAdd(first.key);
                        setWord('');
                    }
                }}
            />
            {wanted !== '' && (
                <Box fontSize="xs" color="quiet" pt="1">
                    {first === undefined ? 'Nothing like it in the catalogue.' : `Enter adds ${first.label}.`}
                </Box>
            )}
            <Button display={{ md: 'none' }} mt="2" aria-expanded={listed} onClick={() => setListed(!listed)}>
                {listed ? 'Hide the catalogue' : 'Show the catalogue'}
            </Button>
            <Box
                display={{ base: listed || wanted !== '' ? 'block' : 'none', md: 'block' }}
                maxHeight={{ base: '240px', lg: 'calc(100dvh - 190px)' }}
                minHeight="180px"
                overflowY="auto"
                mt="2"
                pr="1"
                ref={list}
                onKeyDown={walk}
                tabIndex={-1}
            >
                {catalogue.groups.map((group) => {
                    const kinds = found.filter((kind) => kind.group === group.key);
                    return (
                        kinds.length > 0 && (
                            <Box key={group.key} mb="2">
                                <Box fontSize="xs" color="quiet">
                                    {group.label}
                                </Box>
                                {kinds.map((kind) => (
                                    <ShelfKind key={kind.key} kind={kind} onAdd={onAdd} />
                                ))}
                            </Box>
                        )
                    );
                })}
            </Box>
        </chakra.section>
    );
}

/** Walks through the list by the arrow keys. */
function walk(event: KeyboardEvent<HTMLDivElement>) {
    if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') {
        return;
    }
    event.preventDefault();
    const buttons = [...event.currentTarget.querySelectorAll('button')];
    const at = buttons.findIndex((button) => button === document.activeElement);
    buttons[Math.max(0, at + (event.key === 'ArrowDown' ? 1 : -1))]?.focus();
}

function ShelfKind({ kind, onAdd }: { kind: KindSpec; onAdd: (kind: string) => void }) {
    const { setNodeRef, listeners, isDragging } = useDraggable({ id: `kind ${kind.key}`, data: { kind: kind.key } });
    return (
        <chakra.button
            type="button"
            ref={setNodeRef}
            // One stop for the Tab key, the field above; from there the arrow keys lead through the list.
            tabIndex={-1}
            {...listeners}
            title={kind.says}
            aria-label={`Add ${kind.label}`}
            onClick={() => onAdd(kind.key)}
            display="flex"
            alignItems="center"
            gap="1.5"
            width="100%"
            minH={{ base: '44px', md: '26px' }}
            fontSize="sm"
            textAlign="left"
            cursor="grab"
            opacity={isDragging ? 0.5 : 1}
            touchAction="none"
            borderRadius="3px"
            _hover={{ bg: 'water' }}
        >
            <Box color="deep" flexShrink="0">
                <Glyph kind={kind.key} size={18} />
            </Box>
            {kind.label}
        </chakra.button>
    );
}
