import { Box } from '@chakra-ui/react';
import { useUnits } from '../lib/figures';
import { type Dimension } from '../lib/page';
import { ChoiceField } from './ChoiceField';
import { ComputedFigure } from './ComputedFigure';
import { FieldGrid, FieldGroup } from './FieldGroup';
import { TextField } from './TextField';

export interface TypedTank {
    name: string;
    shape: string;
    length: string;
    width: string;
    height: string;
    belowRim: string;
    volume: string;
    sump: string;
    plumbing: string;
    sand: string;
    rock: string;
    salinity: string;
    circulation: string;
    temperature: string;
    flow: string;
    school: string;
}

/** The fields that describe a tank. Any unit may be written out; a bare figure is in the unit beside the field. */
export function TankFields({
    tank,
    schools,
    errors,
    computed = {},
    systemId,
    onChange,
}: {
    tank: TypedTank;
    /** Schools of turnover to choose from. */
    schools: [string, string][];
    errors: Record<string, string | undefined>;
    /** Figures that the drawn sump computes, in words, by field. */
    computed?: Record<string, string>;
    systemId?: number;
    onChange: (field: keyof TypedTank, text: string) => void;
}) {
    const { unit } = useUnits();
    const field = (name: keyof TypedTank, label: string, dimension: Dimension | null, help?: string) =>
        computed[name] !== undefined && systemId !== undefined ? (
            <ComputedFigure label={label} text={computed[name]} systemId={systemId} />
        ) : (
            <TextField
                label={label}
                help={help}
                unit={dimension === null ? undefined : unit(dimension)}
                inputMode={dimension === null && name === 'name' ? 'text' : 'decimal'}
                value={tank[name]}
                onText={(text) => onChange(name, text)}
                error={errors[name]}
                maxLength={60}
            />
        );
    return (
        <Box display="grid" gap="6">
            <FieldGroup legend="Display">
                <FieldGrid columns={4}>
                    {field('name', 'Name of the tank', null)}
                    <ChoiceField
                        label="Described by"
                        value={tank.shape}
                        onPick={(shape) => onChange('shape', shape)}
                        options={[
                            ['box', 'Inner size of a box'],
                            ['cylinder', 'Inner size of a cylinder'],
                            ['volume', 'Its volume'],
                        ]}
                    />
                    {tank.shape === 'volume' ? (
                        field('volume', 'Volume', 'volume', 'Water to the usual line, before rock and sand.')
                    ) : (
                        <>
                            {field('length', tank.shape === 'box' ? 'Inner length' : 'Inner diameter', 'length')}
                            {tank.shape === 'box' && field('width', 'Inner width', 'length')}
                            {field('height', 'Inner height', 'length')}
                            {field(
                                'belowRim',
                                'Water below the rim',
                                'length',
                                'How far the water stands below the top edge.',
                            )}
                        </>
                    )}
                </FieldGrid>
            </FieldGroup>
            <FieldGroup legend="What is in it">
                <FieldGrid columns={4}>
                    {field('sand', 'Sand, dry', 'mass')}
                    {field('rock', 'Rock', 'mass')}
                    {field(
                        'salinity',
                        'Salinity',
                        null,
                        'Practical salinity, near 35 on a reef, or a specific gravity such as 1.026.',
                    )}
                    {field('temperature', 'Temperature', 'temperature')}
                </FieldGrid>
            </FieldGroup>
            <FieldGroup legend="Filter">
                <FieldGrid columns={4}>
                    {field(
                        'sump',
                        'Sump water',
                        'volume',
                        'At its running lines, often about half its size. Empty without a sump.',
                    )}
                    {field('plumbing', 'Pipes and vessels', 'volume')}
                    {field('flow', 'Flow through the filter', 'flow', 'Not the circulation in the display.')}
                    {field('circulation', 'Circulation in the display', 'flow', 'What its pumps move, all together.')}
                    <ChoiceField
                        label="School for turnover"
                        value={tank.school}
                        onPick={(school) => onChange('school', school)}
                        options={schools}
                    />
                </FieldGrid>
            </FieldGroup>
        </Box>
    );
}
