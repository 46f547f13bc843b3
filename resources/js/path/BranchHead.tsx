import { Box } from '@chakra-ui/react';
import { Button } from '../parts/Button';
import { ChoiceField } from '../parts/ChoiceField';
import { TextField } from '../parts/TextField';
import { type TypedLine } from './types';

/** Where a branch or a further tank takes its water and gives it back, and how much. */
export function BranchHead({
    line,
    ends,
    flowUnit,
    volumeUnit,
    problems,
    onChange,
    onRemove,
}: {
    line: TypedLine;
    /** Items it can be joined to. */
    ends: [string, string][];
    flowUnit: string;
    volumeUnit: string;
    problems: Record<string, string>;
    onChange: (change: Partial<TypedLine>) => void;
    onRemove: () => void;
}) {
    const problem = problems[`line.${line.id}.from`] ?? problems[`line.${line.id}.to`];
    const open: [string, string] = ['', 'nowhere yet'];
    return (
        <Box mb="2">
            <Box
                display="grid"
                gridTemplateColumns={{ base: '1fr', sm: '1fr 1fr', lg: 'repeat(4, 1fr) auto' }}
                gap="3"
                alignItems="start"
            >
                <TextField
                    label={line.tank ? 'Further tank' : 'Branch'}
                    placeholder={line.tank ? 'Further tank' : 'Branch'}
                    value={line.name}
                    onText={(name) => onChange({ name })}
                    maxLength={80}
                />
                {line.tank ? (
                    <TextField
                        label="Its water"
                        unit={volumeUnit}
                        inputMode="decimal"
                        value={line.tankLitres}
                        onText={(tankLitres) => onChange({ tankLitres })}
                        error={problems[`line.${line.id}.tankLitres`]}
                        maxLength={40}
                    />
                ) : (
                    <ChoiceField
                        label="Takes water after"
                        value={line.from}
                        options={[open, ...ends]}
                        onPick={(from) => onChange({ from })}
                    />
                )}
                <ChoiceField
                    label={line.tank ? 'Drains in before' : 'Gives it back before'}
                    value={line.to}
                    options={[open, ...ends]}
                    onPick={(to) => onChange({ to })}
                />
                <TextField
                    label="Flow through it"
                    unit={flowUnit}
                    inputMode="decimal"
                    value={line.litresPerHour}
                    onText={(litresPerHour) => onChange({ litresPerHour })}
                    error={problems[`line.${line.id}.flow`]}
                    maxLength={40}
                />
                <Button look="plain" mt={{ lg: '24px' }} onClick={onRemove}>
                    Remove {line.tank ? 'tank' : 'branch'}
                </Button>
            </Box>
            {problem !== undefined && (
                <Box color="fault" fontSize="sm" fontWeight="600" role="alert" pt="1">
                    {problem}
                </Box>
            )}
        </Box>
    );
}
