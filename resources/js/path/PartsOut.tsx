import { Box, chakra } from '@chakra-ui/react';
import { type ReactNode } from 'react';
import { Button } from '../parts/Button';
import { Glyph } from '../parts/Glyph';
import { type TypedItem } from './types';

/** The parts that have been taken out of the path, why and where they are kept. */
export function PartsOut({
    items,
    open,
    titles,
    onOpen,
    onPutBack,
    editor,
}: {
    items: TypedItem[];
    open: string | null;
    titles: (item: TypedItem) => string;
    onOpen: (id: string | null) => void;
    onPutBack: (id: string) => void;
    editor: (item: TypedItem) => ReactNode;
}) {
    if (items.length === 0) {
        return null;
    }
    return (
        <chakra.section mt="5" borderTopWidth="1px" pt="3">
            <chakra.h2 fontSize="md">Parts taken out</chakra.h2>
            {items.map((item) => (
                <Box key={item.id} id={`item-${item.id}`}>
                    <Box display="flex" flexWrap="wrap" gap="3" alignItems="center" py="1">
                        <Box color="deep">
                            <Glyph kind={item.kind} />
                        </Box>
                        <Box flex="1 1 10rem" fontSize="sm">
                            <b>{titles(item)}</b>
                            {item.keptWhere !== '' && `, kept: ${item.keptWhere}`}
                            {item.keptBecause !== '' && ` (${item.keptBecause})`}
                        </Box>
                        <Button look="plain" onClick={() => onPutBack(item.id)}>
                            Put back
                        </Button>
                        <Button
                            look="plain"
                            aria-expanded={open === item.id}
                            onClick={() => onOpen(open === item.id ? null : item.id)}
                        >
                            Details
                        </Button>
                    </Box>
                    {open === item.id && editor(item)}
                </Box>
            ))}
        </chakra.section>
    );
}
