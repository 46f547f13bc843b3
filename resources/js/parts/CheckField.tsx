import { chakra } from '@chakra-ui/react';

/** A labelled yes or no. */
export function CheckField({
    label,
    checked,
    onCheck,
}: {
    label: string;
    checked: boolean;
    onCheck: (checked: boolean) => void;
}) {
    return (
        <chakra.label
            display="inline-flex"
            alignItems="center"
            gap="2"
            fontSize="sm"
            minH={{ base: '44px', md: '32px' }}
        >
            <input type="checkbox" checked={checked} onChange={(event) => onCheck(event.target.checked)} />
            {label}
        </chakra.label>
    );
}
