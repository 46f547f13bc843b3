import { Box, chakra } from '@chakra-ui/react';
import { useUnits } from '../lib/figures';
import { Button } from '../parts/Button';
import { ChoiceField } from '../parts/ChoiceField';
import { FieldGrid } from '../parts/FieldGroup';
import { TextField } from '../parts/TextField';
import { type Choices, type TypedBaffle, type TypedPlaced, type TypedPlumbing, type TypedSection } from './types';

type Problems = Record<string, string>;

/** A line of figures that belong to one part; each place of a problem is its prefix and the key. */
function field(
    part: object,
    key: string,
    label: string,
    unit: string | undefined,
    at: string,
    problems: Problems,
    onText: (text: string) => void,
) {
    return (
        <TextField
            key={key}
            label={label}
            unit={unit}
            inputMode="decimal"
            value={(part as Record<string, string | undefined>)[key] ?? ''}
            onText={onText}
            error={problems[at]}
            maxLength={40}
        />
    );
}

export function SumpFields({
    section,
    choices,
    problems,
    onChange,
}: {
    section: TypedSection;
    choices: Choices;
    problems: Problems;
    onChange: (change: Partial<TypedSection>) => void;
}) {
    const { unit } = useUnits();
    const { unit: mm } = choices.length;
    const one = (key: keyof TypedSection, label: string, suffix: string) =>
        field(section, key, label, suffix, key, problems, (text) => onChange({ [key]: text }));
    return (
        <FieldGrid columns={5}>
            {one('lengthMm', 'Inner length', mm)}
            {one('widthMm', 'Inner width', mm)}
            {one('heightMm', 'Inner height', mm)}
            {one('wallMm', 'Wall', mm)}
            {one('cabinetMm', 'Clear height in the cabinet', mm)}
            {one('returnLevelMm', 'Running water at the return', mm)}
            {one('pumpMinimumMm', 'Pump sucks air below', mm)}
            {one('fallMm', 'Display falls in a power cut', mm)}
            {one('boxLitres', 'Overflow box drains', unit('volume'))}
            {one('evaporationLitresADay', 'Evaporation a day', unit('volume'))}
            {one('reservoirLitres', 'Top-off reservoir', unit('volume'))}
        </FieldGrid>
    );
}

export function BaffleFields({
    baffle,
    picked,
    choices,
    proposals,
    problems,
    onPick,
    onChange,
    onRemove,
}: {
    baffle: TypedBaffle;
    picked: boolean;
    choices: Choices;
    proposals: Record<string, TypedBaffle[]>;
    problems: Problems;
    onPick: () => void;
    onChange: (change: Partial<TypedBaffle>) => void;
    onRemove: () => void;
}) {
    const { unit: mm } = choices.length;
    const one = (key: keyof TypedBaffle, label: string, suffix?: string) =>
        field(baffle, key, label, suffix, `baffle.${baffle.id}.${key}`, problems, (text) => onChange({ [key]: text }));
    return (
        <Box
            borderBottomWidth="1px"
            py="2"
            pl="2"
            borderLeftWidth="3px"
            borderLeftColor={picked ? 'kelp' : 'transparent'}
            onFocus={onPick}
        >
            <Box
                display="grid"
                gridTemplateColumns={{ base: '1fr 1fr', lg: '1.4fr repeat(4, 1fr) auto' }}
                gap="3"
                alignItems="start"
            >
                <ChoiceField
                    label="Baffle"
                    value={baffle.kind}
                    options={choices.kinds.map(([key, label]) => [key, label] as const)}
                    onPick={(kind) =>
                        // What the new kind has and the old had not begins as proposed.
                        onChange({ ...proposals[kind]?.[0], ...baffle, kind })
                    }
                />
                {one('atMm', 'From the inlet', mm)}
                {one('topMm', 'Top', mm)}
                {one('thicknessMm', 'Thickness', mm)}
                {baffle.kind === 'under' ? (
                    one('gapMm', 'Gap under it', mm)
                ) : baffle.kind === 'comb' ? (
                    one('openShare', 'Open share')
                ) : (
                    <span />
                )}
                <Button
                    look="plain"
                    mt={{ lg: '24px' }}
                    onClick={onRemove}
                    aria-label={`Remove the baffle at ${baffle.atMm}`}
                >
                    Remove
                </Button>
            </Box>
        </Box>
    );
}

export function PlacedFields({
    placed,
    chambers,
    choices,
    problems,
    onChange,
    onRemove,
}: {
    placed: TypedPlaced;
    chambers: number;
    choices: Choices;
    problems: Problems;
    onChange: (change: Partial<TypedPlaced>) => void;
    onRemove: () => void;
}) {
    const { unit: mm } = choices.length;
    const one = (key: keyof TypedPlaced, label: string) =>
        field(placed, key, label, mm, `placed.${placed.id}.${key}`, problems, (text) => onChange({ [key]: text }));
    return (
        <Box
            borderBottomWidth="1px"
            py="2"
            pl="2"
            display="grid"
            gridTemplateColumns={{ base: '1fr 1fr', lg: 'repeat(5, 1fr)' }}
            gap="3"
            alignItems="start"
        >
            <TextField label="Device" value={placed.name} onText={(name) => onChange({ name })} maxLength={80} />
            <ChoiceField
                label="Stands in"
                value={placed.chamber}
                options={Array.from(
                    { length: chambers },
                    (_, i) => [String(i), `chamber ${i + 1}${i === chambers - 1 ? ', return' : ''}`] as const,
                )}
                onPick={(chamber) => onChange({ chamber: Number(chamber) })}
            />
            {one('lengthMm', 'Length')}
            {one('widthMm', 'Width')}
            {one('heightMm', 'Height')}
            {one('standMm', 'Stand under it')}
            {one('depthLowMm', placed.kind === 'heater' ? 'Minimum line over its foot' : 'Depth its maker asks, from')}
            {placed.kind === 'heater' ? <span /> : one('depthHighMm', 'Depth its maker asks, to')}
            <Button look="plain" mt={{ lg: '24px' }} onClick={onRemove} aria-label={`Remove ${placed.name}`}>
                Remove
            </Button>
        </Box>
    );
}

export function PlumbingFields({
    plumbing,
    choices,
    problems,
    onChange,
}: {
    plumbing: TypedPlumbing;
    choices: Choices;
    problems: Problems;
    onChange: (change: Partial<TypedPlumbing>) => void;
}) {
    const { unit } = useUnits();
    const { unit: mm } = choices.length;
    const one = (key: keyof TypedPlumbing, label: string, suffix: string) =>
        field(plumbing, key, label, suffix, `plumbing.${key}`, problems, (text) => onChange({ [key]: text }));
    return (
        <>
            <FieldGrid columns={5}>
                {one('pumpLitresPerHour', 'Pump, most flow', unit('flow'))}
                {one('pumpHeadMetres', 'Pump, most height', 'm')}
                {one('pumpWatts', 'Pump, power', 'W')}
                {one('liftMm', 'Lift to the outlet', mm)}
                {one('boreMm', 'Return pipe, bore', mm)}
                {one('lengthMm', 'Return pipe, length', mm)}
                {one('drainBoreMm', 'Drain, bore', mm)}
                {one('drainFallMm', 'Drain, fall', mm)}
                {one('drainLengthMm', 'Drain, length', mm)}
            </FieldGrid>
            {(
                [
                    ['fittings', 'return pipe'],
                    ['drainFittings', 'drain'],
                ] as const
            ).map(([pipe, name]) => (
                <chakra.details key={pipe} mt="3" open={pipe === 'fittings'}>
                    <chakra.summary cursor="pointer" fontSize="sm" fontWeight="600" mb="1">
                        Fittings of the {name}, how many of each
                    </chakra.summary>
                    <FieldGrid columns={5}>
                        {choices.fittings.map(([key, label]) =>
                            field(plumbing[pipe], key, label, undefined, `plumbing.${pipe}.${key}`, problems, (text) =>
                                onChange({ [pipe]: { ...plumbing[pipe], [key]: text } }),
                            ),
                        )}
                    </FieldGrid>
                </chakra.details>
            ))}
        </>
    );
}
