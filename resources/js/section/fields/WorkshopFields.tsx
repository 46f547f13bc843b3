import { Box } from '@chakra-ui/react';
import { useUnits } from '../../lib/figures';
import { shopLength } from '../../lib/shopLength';
import { BasisNote } from '../../parts/BasisNote';
import { Button } from '../../parts/Button';
import { ChoiceField } from '../../parts/ChoiceField';
import { FieldGrid, FieldGroup } from '../../parts/FieldGroup';
import { TextField } from '../../parts/TextField';
import { type Choices, type SectionView, type TypedBasket, type TypedPad, type TypedWorkshop } from '../types';
import { type Problems, chamberOptions, figureField } from './figureField';
import { PartRow } from './PartRow';

const BASKET: [keyof TypedBasket, string][] = [
    ['lengthMm', 'Cavity, along the tank'],
    ['widthMm', 'Cavity, front to back'],
    ['heightMm', 'Height of the basket'],
    ['clearanceMm', 'Gap on each side'],
    ['thicknessMm', 'Sheet'],
    ['shelves', 'Shelves'],
    ['inletMm', 'Front lower than the back by'],
];

/** What else is cut: pads, blackout panels, a media basket; and the sheets it all comes from. */
export function WorkshopFields({
    workshop,
    chambers,
    basket,
    choices,
    problems,
    newId,
    onChange,
}: {
    workshop: TypedWorkshop;
    chambers: number;
    basket: NonNullable<SectionView['cuts']>['basket'];
    choices: Choices;
    problems: Problems;
    newId: () => string;
    onChange: (change: Partial<TypedWorkshop>) => void;
}) {
    const { show } = useUnits();
    const { unit: mm } = choices.length;
    const { pads, stock } = workshop;
    const own = workshop.basket;
    const setPad = (id: string, changed: Partial<TypedPad>) =>
        onChange({ pads: pads.map((pad) => (pad.id === id ? { ...pad, ...changed } : pad)) });
    return (
        <>
            <FieldGroup legend="Pads and floss, cut again and again">
                {pads.map((pad) => {
                    const one = (key: keyof TypedPad, label: string, unit?: string) =>
                        figureField(pad, key, label, unit, `pad.${pad.id}.${key}`, problems, (text) =>
                            setPad(pad.id, { [key]: text }),
                        );
                    return (
                        <PartRow key={pad.id} columns="1.4fr repeat(3, 1fr) auto">
                            <TextField
                                label="Pad"
                                value={pad.name}
                                onText={(name) => setPad(pad.id, { name })}
                                maxLength={80}
                            />
                            {one('lengthMm', 'Cut, length', mm)}
                            {one('widthMm', 'Cut, width', mm)}
                            {one('count', 'How many')}
                            <Button
                                look="plain"
                                mt={{ lg: '24px' }}
                                aria-label={`Remove ${pad.name}`}
                                onClick={() => onChange({ pads: pads.filter(({ id }) => id !== pad.id) })}
                            >
                                Remove
                            </Button>
                        </PartRow>
                    );
                })}
                <Button
                    mt="2"
                    onClick={() =>
                        onChange({
                            pads: [...pads, { id: newId(), name: 'Pad', lengthMm: '', widthMm: '', count: '1' }],
                        })
                    }
                >
                    Add a pad
                </Button>
            </FieldGroup>
            <FieldGroup legend="Blackout panels">
                <FieldGrid columns={4}>
                    <ChoiceField
                        label="Lit chamber"
                        value={workshop.litChamber ?? ''}
                        options={[['', 'none'], ...chamberOptions(chambers)]}
                        onPick={(litChamber) => onChange({ litChamber })}
                    />
                    {figureField(
                        workshop,
                        'blackoutMm',
                        'Their thickness',
                        mm,
                        'workshop.blackoutMm',
                        problems,
                        (blackoutMm) => onChange({ blackoutMm }),
                    )}
                </FieldGrid>
                <Box mt="1">
                    <BasisNote basis={choices.blackout} />
                </Box>
            </FieldGroup>
            <FieldGroup legend="Media basket for a rear chamber">
                {own === undefined ? (
                    <Button onClick={() => onChange({ basket: choices.basket })}>Make a basket</Button>
                ) : (
                    <>
                        <FieldGrid columns={4}>
                            {BASKET.map(([key, label]) =>
                                figureField(
                                    own,
                                    key,
                                    label,
                                    key === 'shelves' ? undefined : mm,
                                    `basket.${key}`,
                                    problems,
                                    (text) => onChange({ basket: { ...own, [key]: text } }),
                                ),
                            )}
                        </FieldGrid>
                        <Box fontSize="sm" color="quiet" mt="2">
                            Measure the cavity at its narrowest, at the top and at the bottom. Back and sides are
                            sealed; the water comes in over the front and leaves at the bottom.
                            {basket !== null &&
                                ` Outside ${shopLength(basket.outerLengthMm, mm)} by ${shopLength(basket.outerWidthMm, mm)} ${mm}; each shelf has ${shopLength(basket.shelfMm, mm)} ${mm} of height and room for ${show(basket.shelfLitres, 'volume')}.`}
                        </Box>
                        <Button look="plain" onClick={() => onChange({ basket: undefined })}>
                            Leave the basket out
                        </Button>
                    </>
                )}
            </FieldGroup>
            <FieldGroup legend="Sheets they are cut from">
                <FieldGrid columns={2}>
                    {choices.stock.map(([group, label, usual]) => {
                        const one = stock[group] ?? {};
                        const set = (changed: typeof one) =>
                            onChange({ stock: { ...stock, [group]: { ...one, ...changed } } });
                        return (
                            <Box key={group} display="grid" gridTemplateColumns="1fr 1fr" gap="2">
                                {figureField(
                                    one,
                                    'lengthMm',
                                    `${label}, sheet length`,
                                    mm,
                                    `stock.${group}.lengthMm`,
                                    problems,
                                    (lengthMm) => set({ lengthMm }),
                                    usual?.lengthMm ?? 'cut to size',
                                )}
                                {figureField(
                                    one,
                                    'widthMm',
                                    'and width',
                                    mm,
                                    `stock.${group}.widthMm`,
                                    problems,
                                    (widthMm) => set({ widthMm }),
                                    usual?.widthMm ?? 'cut to size',
                                )}
                            </Box>
                        );
                    })}
                </FieldGrid>
                <Box fontSize="sm" color="quiet" mt="1">
                    Left empty, a usual sheet is taken, an estimate; baffles are then cut to size by who sells them.
                </Box>
            </FieldGroup>
        </>
    );
}
