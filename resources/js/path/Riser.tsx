import { Box, chakra } from '@chakra-ui/react';
import { useDraggable, useDroppable } from '@dnd-kit/core';
import { ChevronDown, ChevronUp } from 'lucide-react';
import { type KeyboardEvent, type ReactNode, useEffect, useRef } from 'react';
import { useUnits } from '../lib/figures';
import { type Finding } from '../lib/page';
import { Glyph } from '../parts/Glyph';
import { Pin } from '../parts/Pin';
import { type Place } from './edit';
import { type Review, type TypedItem, type TypedLine } from './types';

interface Props {
    line: TypedLine;
    review: Review;
    pins: Map<Finding, number>;
    open: string | null;
    titles: (item: TypedItem) => string;
    joints: (id: string) => string[];
    onOpen: (id: string | null) => void;
    onNudge: (id: string, step: -1 | 1) => void;
    editor: (item: TypedItem, line: TypedLine) => ReactNode;
}

/** One line of water running down through its items; each can be dragged by its drawing or moved by the arrow keys there. */
export function Riser({ line, ...rest }: Props) {
    return (
        <Box position="relative">
            <Box
                aria-hidden="true"
                position="absolute"
                left="18px"
                top="0"
                bottom="0"
                borderLeftWidth="2px"
                borderLeftStyle={line.id === 'main' ? 'solid' : 'dashed'}
                borderColor="deep"
            />
            <chakra.ol listStyleType="none" position="relative">
                {line.items.map((item, index) => (
                    <li key={item.id}>
                        <Gap place={{ line: line.id, index }} />
                        <Row item={item} index={index} line={line} {...rest} />
                    </li>
                ))}
            </chakra.ol>
            <Gap place={{ line: line.id, index: line.items.length }} last={line.items.length === 0} />
        </Box>
    );
}

/** The space between two items, where something can be dropped. */
function Gap({ place, last = false }: { place: Place; last?: boolean }) {
    const { setNodeRef, isOver } = useDroppable({ id: `gap ${place.line} ${place.index}`, data: place });
    return (
        <Box
            ref={setNodeRef}
            height={last ? '40px' : '6px'}
            pl="40px"
            display="flex"
            alignItems="center"
            data-gap={`${place.line} ${place.index}`}
        >
            {isOver ? (
                <Box height="4px" flex="1" bg="deep" borderRadius="2px" />
            ) : (
                last && (
                    <Box fontSize="sm" color="quiet">
                        Nothing here yet: drag a stage here, or pick one from the catalogue.
                    </Box>
                )
            )}
        </Box>
    );
}

function Row({
    item,
    index,
    line,
    review,
    pins,
    open,
    titles,
    joints,
    onOpen,
    onNudge,
    editor,
}: Props & { item: TypedItem; index: number }) {
    const { show } = useUnits();
    const { setNodeRef, listeners, isDragging } = useDraggable({ id: `item ${item.id}`, data: { item: item.id } });
    const handle = useRef<HTMLButtonElement>(null);
    const moved = useRef(false);
    const title = titles(item);
    const opened = open === item.id;
    const seen = review.items[item.id];
    const own = review.findings.filter((finding) => finding.at === item.id && pins.has(finding));

    // Moving a row takes it out of the page for an instant; the focus goes along.
    useEffect(() => {
        if (moved.current) {
            handle.current?.focus();
            moved.current = false;
        }
    }, [index]);

    const nudge = (step: -1 | 1) => {
        moved.current = true;
        onNudge(item.id, step);
    };
    const onKeyDown = (event: KeyboardEvent) => {
        if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
            event.preventDefault();
            nudge(event.key === 'ArrowUp' ? -1 : 1);
        }
    };

    return (
        <Box
            id={`item-${item.id}`}
            bg={opened ? 'raised' : undefined}
            opacity={isDragging ? 0.4 : 1}
            borderRadius="3px"
            scrollMarginTop="20px"
            scrollMarginBottom="110px"
        >
            <Box display="flex" alignItems="center" gap={{ base: '2', md: '3' }} minH="40px">
                <chakra.button
                    type="button"
                    ref={(node: HTMLButtonElement | null) => {
                        setNodeRef(node);
                        handle.current = node;
                    }}
                    {...listeners}
                    onKeyDown={onKeyDown}
                    aria-label={`Move ${title}: arrow up or down, or drag`}
                    title="Drag, or use the arrow keys"
                    display="grid"
                    placeItems="center"
                    flexShrink="0"
                    width="38px"
                    height={{ base: '44px', md: '38px' }}
                    bg="paper"
                    color="deep"
                    borderWidth="1.5px"
                    borderColor="deep"
                    borderRadius="4px"
                    cursor="grab"
                    touchAction="none"
                    _hover={{ bg: 'water' }}
                >
                    <Glyph kind={item.kind} size={25} />
                </chakra.button>
                <chakra.button
                    type="button"
                    onClick={() => onOpen(opened ? null : item.id)}
                    aria-expanded={opened}
                    flex="1"
                    minW="0"
                    minH={{ base: '44px', md: '38px' }}
                    textAlign="left"
                    cursor="pointer"
                    lineHeight="1.25"
                    _hover={{ color: 'deep' }}
                >
                    <Box fontWeight="700" truncate>
                        {title}
                    </Box>
                    <Box fontSize="sm" color="quiet" truncate>
                        {[
                            seen?.brief,
                            item.tag,
                            item.keptBecause && `kept because ${item.keptBecause}`,
                            ...joints(item.id),
                        ]
                            .filter(Boolean)
                            .join(' · ')}
                    </Box>
                </chakra.button>
                <Box display="flex" gap="1" flexShrink="0">
                    {own.map((finding, i) => (
                        <Pin key={i} number={pins.get(finding) ?? 0} severity={finding.severity} />
                    ))}
                </Box>
                <Box
                    fontFamily="figure"
                    fontSize="sm"
                    color="quiet"
                    width={{ base: 'auto', md: '84px' }}
                    textAlign="right"
                    whiteSpace="nowrap"
                    flexShrink="0"
                >
                    {typeof seen?.flow === 'number' ? show(seen.flow, 'flow') : ''}
                </Box>
                <Box display={{ base: opened ? 'flex' : 'none', md: 'flex' }} flexShrink="0">
                    <Step label={`Move ${title} up`} disabled={index === 0} onClick={() => onNudge(item.id, -1)}>
                        <ChevronUp size={16} aria-hidden="true" />
                    </Step>
                    <Step
                        label={`Move ${title} down`}
                        disabled={index === line.items.length - 1}
                        onClick={() => onNudge(item.id, 1)}
                    >
                        <ChevronDown size={16} aria-hidden="true" />
                    </Step>
                </Box>
            </Box>
            {opened && <Box pl={{ base: '0', md: '50px' }}>{editor(item, line)}</Box>}
        </Box>
    );
}

function Step({
    label,
    disabled,
    onClick,
    children,
}: {
    label: string;
    disabled: boolean;
    onClick: () => void;
    children: ReactNode;
}) {
    return (
        <chakra.button
            type="button"
            aria-label={label}
            // By keys a row is moved at its drawing; these are for the mouse and the finger.
            tabIndex={-1}
            disabled={disabled}
            onClick={onClick}
            display="grid"
            placeItems="center"
            minW={{ base: '44px', md: '24px' }}
            minH={{ base: '44px', md: '28px' }}
            color="quiet"
            cursor="pointer"
            _hover={{ color: 'deep' }}
            _disabled={{ opacity: 0.25, cursor: 'default' }}
        >
            {children}
        </chakra.button>
    );
}
