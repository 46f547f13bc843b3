import { Box, chakra } from '@chakra-ui/react';
import { type ReactNode, useState } from 'react';
import { Button } from '../../parts/Button';
import { type SectionView, type StateName } from '../types';

const STATES: [StateName, string][] = [
    ['running', 'Running'],
    ['powerCut', 'Power cut'],
    ['emptied', 'Return emptied'],
];

export type SheetName = 'front' | 'above' | 'pipes' | 'basket';

const SHEETS: [SheetName, string][] = [
    ['front', 'Front'],
    ['above', 'Above'],
    ['pipes', 'Pipes'],
    ['basket', 'Basket'],
];

/** The drawings there are: chambers behind a display have no pipes to speak of, and not every sump has a basket. */
export function sheetsOf(view: SectionView): SheetName[] {
    return SHEETS.map(([name]) => name).filter(
        (name) => (name !== 'pipes' || view.front === null) && (name !== 'basket' || view.basket !== null),
    );
}

/** Choices of which one holds, side by side. */
function Switch<T extends string>({
    label,
    options,
    value,
    onPick,
}: {
    label: string;
    options: [T, string][];
    value: T;
    onPick: (value: T) => void;
}) {
    return (
        <Box role="group" aria-label={label} display="inline-flex" flexShrink={0}>
            {options.map(([name, says]) => (
                <Button
                    key={name}
                    aria-pressed={value === name}
                    look={value === name ? 'solid' : 'line'}
                    borderRadius="0"
                    ml="-1px"
                    px="2.5"
                    minH={{ base: '44px', md: '30px' }}
                    onClick={() => onPick(name)}
                >
                    {says}
                </Button>
            ))}
        </Box>
    );
}

/** The drawing, which stays in sight while one works on it: from the front, from above, or the pipes; in one state, whole or close. */
export function Stage({
    view,
    sheet,
    onSheet,
    children,
    aside,
}: {
    view: SectionView;
    sheet: SheetName;
    onSheet: (sheet: SheetName) => void;
    children: (state: StateName, zoom: number | null) => ReactNode;
    /** What else stands in its row. */
    aside: ReactNode;
}) {
    const [state, setState] = useState<StateName>('running');
    const [chamber, setChamber] = useState<number | null>(null);
    const zoom = chamber !== null && chamber < view.chambers.length ? chamber : null;
    return (
        <Box
            data-stage
            position="sticky"
            top="0"
            zIndex="2"
            bg="paper"
            borderBottomWidth="1px"
            mx={{ base: '-3', md: '0' }}
            px={{ base: '3', md: '0' }}
        >
            <Box
                display="flex"
                flexWrap={{ base: 'nowrap', md: 'wrap' }}
                gap="2"
                alignItems="center"
                py="1"
                overflowX="auto"
            >
                <Switch
                    label="Drawing"
                    options={SHEETS.filter(([name]) => sheetsOf(view).includes(name))}
                    value={sheet}
                    onPick={onSheet}
                />
                {sheet === 'front' && (
                    <>
                        <Switch label="State of the water" options={STATES} value={state} onPick={setState} />
                        <chakra.select
                            aria-label="Look closely at"
                            value={zoom ?? ''}
                            onChange={(event) =>
                                setChamber(event.target.value === '' ? null : Number(event.target.value))
                            }
                            bg="paper"
                            borderWidth="1px"
                            borderColor="edge"
                            borderRadius="3px"
                            fontSize="sm"
                            px="1.5"
                            minH={{ base: '44px', md: '30px' }}
                        >
                            <option value="">{view.front === null ? 'whole sump' : 'the whole tank'}</option>
                            {view.chambers.map(({ name }, i) => (
                                <option key={i} value={i}>
                                    chamber {i + 1}
                                    {name === '' ? '' : `, ${name}`}
                                </option>
                            ))}
                        </chakra.select>
                    </>
                )}
                {aside}
            </Box>
            {children(state, zoom)}
        </Box>
    );
}
