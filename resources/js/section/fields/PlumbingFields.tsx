import { Box, chakra } from '@chakra-ui/react';
import { type ReactNode } from 'react';
import { useUnits } from '../../lib/figures';
import { Button } from '../../parts/Button';
import { ChoiceField } from '../../parts/ChoiceField';
import { FieldGrid } from '../../parts/FieldGroup';
import { type Choices, type PipeKey, type TypedPlumbing } from '../types';
import { type Problems, figureField } from './figureField';

const PIPES: [PipeKey, string][] = [
    ['fittings', 'return pipe'],
    ['drainFittings', 'drain'],
    ['emergencyFittings', 'emergency pipe'],
];

function Folded({ title, open = false, children }: { title: string; open?: boolean; children: ReactNode }) {
    return (
        <chakra.details mt="3" open={open}>
            <chakra.summary cursor="pointer" fontSize="sm" fontWeight="600" mb="1">
                {title}
            </chakra.summary>
            {children}
        </chakra.details>
    );
}

/** The return pump and its pipe, the overflow and its drain, the emergency pipe, and how they are joined. */
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
    const one = (key: keyof TypedPlumbing, label: string, suffix?: string) =>
        figureField(plumbing, key, label, suffix, `plumbing.${key}`, problems, (text) => onChange({ [key]: text }));
    const { curve } = plumbing;
    return (
        <>
            <FieldGrid columns={5}>
                {one('pumpLitresPerHour', 'Pump, most flow', unit('flow'))}
                {one('pumpHeadMetres', 'Pump, most height', unit('head'))}
                {one('pumpWatts', 'Pump, power', 'W')}
                {one('liftMm', 'Lift to the outlet', mm)}
                {one('boreMm', 'Return pipe, bore', mm)}
                {one('lengthMm', 'Return pipe, length', mm)}
                {one('valveOpen', 'Return gate valve, open share')}
                {one('overflowMm', 'Overflow, edge', mm)}
                {one('overflowOpenShare', 'Overflow comb, open share')}
                {one('drainBoreMm', 'Drain, bore', mm)}
                {one('drainFallMm', 'Drain, fall', mm)}
                {one('drainLengthMm', 'Drain, length', mm)}
                {one('drainValveOpen', 'Drain gate valve, open share')}
                {one('emergencyBoreMm', 'Emergency pipe, bore', mm)}
                {one('emergencyFallMm', 'Emergency pipe, fall', mm)}
                {one('emergencyLengthMm', 'Emergency pipe, length', mm)}
            </FieldGrid>
            <Folded
                title={`Pump curve by points${curve.length > 0 ? `, ${curve.length}` : ''}`}
                open={curve.length > 0 || problems['plumbing.curve'] !== undefined}
            >
                <Box fontSize="sm" color="quiet" mb="2">
                    Points read from the maker’s curve go before the two figures on the label.
                </Box>
                {curve.map((point, i) => {
                    const set = (key: keyof typeof point) => (text: string) =>
                        onChange({ curve: curve.map((other, j) => (j === i ? { ...other, [key]: text } : other)) });
                    return (
                        <Box key={i} display="flex" gap="3" mb="2" alignItems="end" flexWrap="wrap">
                            <Box width="170px">
                                {figureField(
                                    point,
                                    'litresPerHour',
                                    `Point ${i + 1}, flow`,
                                    unit('flow'),
                                    `plumbing.curve.${i}.litresPerHour`,
                                    problems,
                                    set('litresPerHour'),
                                )}
                            </Box>
                            <Box width="150px">
                                {figureField(
                                    point,
                                    'headMetres',
                                    `Point ${i + 1}, height`,
                                    unit('head'),
                                    `plumbing.curve.${i}.headMetres`,
                                    problems,
                                    set('headMetres'),
                                )}
                            </Box>
                            <Button
                                look="plain"
                                aria-label={`Remove point ${i + 1}`}
                                onClick={() => onChange({ curve: curve.filter((_, j) => j !== i) })}
                            >
                                Remove
                            </Button>
                        </Box>
                    );
                })}
                {problems['plumbing.curve'] !== undefined && (
                    <Box color="fault" fontSize="sm" role="alert" mb="2">
                        {problems['plumbing.curve']}
                    </Box>
                )}
                <Button onClick={() => onChange({ curve: [...curve, { litresPerHour: '', headMetres: '' }] })}>
                    Add a point
                </Button>
            </Folded>
            {PIPES.map(([pipe, name]) => (
                <Folded key={pipe} title={`Fittings of the ${name}, how many of each`} open={pipe === 'fittings'}>
                    <FieldGrid columns={5}>
                        {choices.fittings.map(([key, label, loss]) =>
                            figureField(
                                plumbing[pipe],
                                key,
                                `${label} (${loss})`,
                                undefined,
                                `plumbing.${pipe}.${key}`,
                                problems,
                                (text) => onChange({ [pipe]: { ...plumbing[pipe], [key]: text } }),
                            ),
                        )}
                    </FieldGrid>
                </Folded>
            ))}
            <Box fontSize="sm" color="quiet" mt="2">
                In brackets, what each costs in velocity heads: handbook values from memory, estimates. A gate valve
                that is partly closed costs{' '}
                {choices.throttled.map(([open, loss]) => `${loss} at ${Math.round(100 * open)} % open`).join(', ')}.
            </Box>
            <Folded title="Metric or inch, joint by joint">
                <FieldGrid columns={5}>
                    {choices.joints.map(([part, label]) => (
                        <ChoiceField
                            key={part}
                            label={label}
                            value={plumbing.systems[part] ?? ''}
                            options={[
                                ['', 'as the path says'],
                                ['metric', 'metric'],
                                ['inch', 'inch'],
                            ]}
                            onPick={(system) => onChange({ systems: { ...plumbing.systems, [part]: system } })}
                        />
                    ))}
                </FieldGrid>
            </Folded>
        </>
    );
}
