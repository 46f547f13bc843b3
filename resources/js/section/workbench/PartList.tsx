import { Box, chakra } from '@chakra-ui/react';
import { type ReactNode } from 'react';
import { type Finding } from '../../lib/page';
import { Pin } from '../../parts/Pin';
import { type Row } from './rows';

/** The parts of one group, a line each: arrows go from one to the next, Enter goes to the fields of the one picked. */
export function PartList({
    label,
    rows,
    picked,
    pins,
    onPick,
    onOpen,
    children,
}: {
    label: string;
    rows: Row[];
    picked: string | null;
    pins: Map<Finding, number>;
    onPick: (id: string) => void;
    onOpen: () => void;
    /** What can be added here. */
    children?: ReactNode;
}) {
    const step = (from: HTMLElement, by: number) => {
        const all = [...(from.closest('[data-parts]')?.querySelectorAll<HTMLElement>('[data-row]') ?? [])];
        all[all.indexOf(from) + by]?.focus();
    };
    const first = rows.some(({ id }) => id === picked) ? picked : rows[0]?.id;
    return (
        <Box data-parts>
            <Box display="flex" flexWrap="wrap" gap="1.5" my="1.5" alignItems="center">
                {children}
            </Box>
            <chakra.ul listStyleType="none" aria-label={label}>
                {rows.map(({ id, name, says }) => (
                    <Box as="li" key={id} borderBottomWidth="1px">
                        <chakra.button
                            type="button"
                            data-row={id}
                            aria-current={picked === id ? 'true' : undefined}
                            // One stop for the whole list; the arrows do the rest.
                            tabIndex={id === first ? 0 : -1}
                            width="100%"
                            display="flex"
                            alignItems="center"
                            gap="2"
                            minH={{ base: '44px', md: '29px' }}
                            pl="2"
                            textAlign="left"
                            fontSize="sm"
                            cursor="pointer"
                            borderLeftWidth="3px"
                            borderLeftColor={picked === id ? 'kelp' : 'transparent'}
                            bg={picked === id ? 'water' : 'transparent'}
                            _hover={{ bg: 'water' }}
                            onFocus={() => onPick(id)}
                            onClick={() => onPick(id)}
                            onKeyDown={(event) => {
                                if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
                                    event.preventDefault();
                                    step(event.currentTarget, event.key === 'ArrowDown' ? 1 : -1);
                                } else if (event.key === 'Enter') {
                                    event.preventDefault();
                                    onPick(id);
                                    onOpen();
                                }
                            }}
                        >
                            <chakra.span fontWeight="600" whiteSpace="nowrap">
                                {name}
                            </chakra.span>
                            <chakra.span color="quiet" fontFamily="figure" flex="1" minW="0" truncate>
                                {says}
                            </chakra.span>
                            {[...pins]
                                .filter(([finding]) => finding.at === id)
                                .map(([finding, number]) => (
                                    <Pin key={number} number={number} severity={finding.severity} />
                                ))}
                        </chakra.button>
                    </Box>
                ))}
            </chakra.ul>
        </Box>
    );
}
