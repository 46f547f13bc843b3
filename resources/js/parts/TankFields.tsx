import { Box, chakra } from '@chakra-ui/react';
import { useUnits } from '../lib/figures';
import { type Dimension } from '../lib/page';
import { ChoiceField } from './ChoiceField';
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
    temperature: string;
    flow: string;
    school: string;
}

export const EMPTY_TANK: TypedTank = {
    name: '',
    shape: 'box',
    length: '',
    width: '',
    height: '',
    belowRim: '',
    volume: '',
    sump: '',
    plumbing: '',
    sand: '',
    rock: '',
    salinity: '35',
    temperature: '',
    flow: '',
    school: 'moderate',
};

/** The fields that describe a tank. Any unit may be written out; a bare figure is in the unit beside the field. */
export function TankFields({
    tank,
    errors,
    onChange,
}: {
    tank: TypedTank;
    errors: Record<string, string | undefined>;
    onChange: (field: keyof TypedTank, text: string) => void;
}) {
    const { unit } = useUnits();
    const field = (name: keyof TypedTank, label: string, dimension: Dimension | null, help?: string) => (
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
            <Group legend="Display">
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
            </Group>
            <Group legend="What is in it">
                {field('sand', 'Sand, dry', 'mass')}
                {field('rock', 'Rock', 'mass')}
                {field('salinity', 'Salinity', null, 'Practical salinity; a reef is near 35.')}
                {field('temperature', 'Temperature', 'temperature')}
            </Group>
            <Group legend="Filter">
                {field(
                    'sump',
                    'Sump water',
                    'volume',
                    'At its running lines, often about half its size. Empty without a sump.',
                )}
                {field('plumbing', 'Pipes and vessels', 'volume')}
                {field('flow', 'Flow through the filter', 'flow', 'Not the circulation in the display.')}
                <ChoiceField
                    label="School for turnover"
                    value={tank.school}
                    onPick={(school) => onChange('school', school)}
                    options={[
                        ['moderate', 'Moderate: 5 to 10 an hour'],
                        ['brisk', 'Brisk: 10 to 30 an hour'],
                    ]}
                />
            </Group>
        </Box>
    );
}

function Group({ legend, children }: { legend: string; children: React.ReactNode }) {
    return (
        <chakra.fieldset borderTopWidth="1px" pt="3">
            <chakra.legend fontFamily="heading" fontWeight="650" fontSize="md" pr="3">
                {legend}
            </chakra.legend>
            <Box
                display="grid"
                gridTemplateColumns={{ base: '1fr', sm: '1fr 1fr', lg: 'repeat(4, 1fr)' }}
                gap="4"
                alignItems="start"
            >
                {children}
            </Box>
        </chakra.fieldset>
    );
}
