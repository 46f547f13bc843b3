import { Box } from '@chakra-ui/react';
import { Button } from '../../parts/Button';
import { ChoiceField } from '../../parts/ChoiceField';
import { type Choices, type TypedOpening, type TypedTray } from '../types';
import { type Problems, chamberOptions, figureField } from './figureField';
import { PartGrid } from './PartGrid';

/** One tray or shelf with the openings in it. */
export function TrayFields({
    tray,
    chambers,
    choices,
    openings,
    problems,
    newId,
    onChange,
}: {
    tray: TypedTray;
    chambers: number;
    choices: Choices;
    /** One of each kind, of a usual size. */
    openings: Record<string, TypedOpening>;
    problems: Problems;
    newId: () => string;
    onChange: (change: Partial<TypedTray>) => void;
}) {
    const { unit: mm } = choices.length;
    const label = choices.trays.find(([kind]) => kind === tray.kind)?.[1] ?? 'Tray';
    const own = tray.openings ?? [];
    const setOpening = (id: string, changed: TypedOpening) =>
        onChange({ openings: own.map((opening) => (opening.id === id ? changed : opening)) });
    const usual = (kind: string, id: string): TypedOpening => ({
        ...(openings[kind] ?? { kind, lengthMm: '' }),
        id,
    });
    return (
        <Box>
            <PartGrid>
                <ChoiceField
                    label={`${label}, in`}
                    value={tray.chamber}
                    options={chamberOptions(chambers)}
                    onPick={(chamber) => onChange({ chamber: Number(chamber) })}
                />
                {figureField(tray, 'topMm', 'Its top over the floor', mm, `tray.${tray.id}.topMm`, problems, (topMm) =>
                    onChange({ topMm }),
                )}
                {figureField(
                    tray,
                    'thicknessMm',
                    'Its thickness',
                    mm,
                    `tray.${tray.id}.thicknessMm`,
                    problems,
                    (thicknessMm) => onChange({ thicknessMm }),
                )}
            </PartGrid>
            {tray.kind === 'tray' && (
                <Box mt="3">
                    {own.map((opening, i) => {
                        const one = (key: keyof TypedOpening, name: string) =>
                            figureField(
                                opening,
                                key,
                                name,
                                mm,
                                `tray.${tray.id}.${opening.id}.${key}`,
                                problems,
                                (text) => setOpening(opening.id, { ...opening, [key]: text }),
                            );
                        const isRound = choices.openings.find(([kind]) => kind === opening.kind)?.[2] ?? true;
                        return (
                            <Box key={opening.id} borderTopWidth="1px" pt="2" mt="2">
                                <PartGrid>
                                    <ChoiceField
                                        label={`Opening ${i + 1}`}
                                        value={opening.kind}
                                        options={choices.openings.map(([kind, name]) => [kind, name] as const)}
                                        onPick={(kind) => setOpening(opening.id, usual(kind, opening.id))}
                                    />
                                    {one('lengthMm', isRound ? 'Diameter' : 'Length')}
                                    {isRound ? null : one('widthMm', 'Width')}
                                    {one(
                                        'standsMm',
                                        opening.kind === 'standpipe' ? 'Mouth over the tray' : 'Stands over it',
                                    )}
                                    {one('hangsMm', 'Hangs below its top')}
                                    <Button
                                        look="plain"
                                        onClick={() =>
                                            onChange({ openings: own.filter(({ id }) => id !== opening.id) })
                                        }
                                        aria-label={`Remove opening ${i + 1}`}
                                    >
                                        Remove
                                    </Button>
                                </PartGrid>
                            </Box>
                        );
                    })}
                    <Button
                        mt="2"
                        onClick={() => onChange({ openings: [...own, usual(choices.openings[0]?.[0] ?? '', newId())] })}
                    >
                        Add an opening
                    </Button>
                </Box>
            )}
        </Box>
    );
}
