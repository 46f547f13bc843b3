import { Box } from '@chakra-ui/react';
import { typedLength } from '../../lib/shopLength';
import { BasisNote } from '../../parts/BasisNote';
import { Button } from '../../parts/Button';
import { ChoiceField } from '../../parts/ChoiceField';
import { FieldGrid, FieldGroup } from '../../parts/FieldGroup';
import { TextField } from '../../parts/TextField';
import { type Choices, type TypedPad, type TypedWorkshop } from '../types';
import { type Problems, chamberOptions, figureField } from './figureField';
import { PartRow } from './PartRow';

/** What else is cut: pads and blackout panels; and the sheets it all comes from. */
export function WorkshopFields({
    workshop,
    chambers,
    choices,
    problems,
    newId,
    onChange,
}: {
    workshop: TypedWorkshop;
    chambers: number;
    choices: Choices;
    problems: Problems;
    newId: () => string;
    onChange: (change: Partial<TypedWorkshop>) => void;
}) {
    const { unit: mm } = choices.length;
    const { pads, stock } = workshop;
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
                            pads: [
                                ...pads,
                                {
                                    id: newId(),
                                    name: 'Pad',
                                    lengthMm: typedLength(200, mm),
                                    widthMm: typedLength(100, mm),
                                    count: '1',
                                },
                            ],
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
