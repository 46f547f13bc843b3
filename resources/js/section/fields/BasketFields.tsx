import { Box } from '@chakra-ui/react';
import { shopLength, typedLength } from '../../lib/shopLength';
import { Button } from '../../parts/Button';
import { CheckField } from '../../parts/CheckField';
import { ChoiceField } from '../../parts/ChoiceField';
import { type Choices, type SectionView, type TypedBasket, type TypedBasketUse, type TypedLayer } from '../types';
import { type Problems, chamberOptions, figureField } from './figureField';
import { PartGrid } from './PartGrid';

const SIZES: [keyof Omit<TypedBasket, 'use'>, string][] = [
    ['lengthMm', 'Cavity, along'],
    ['widthMm', 'Cavity, front to back'],
    ['heightMm', 'Height'],
    ['inletMm', 'Front lower by'],
    ['clearanceMm', 'Gap on each side'],
    ['thicknessMm', 'Sheet'],
    ['shelves', 'Shelves'],
];

/** A media basket: the cavity it is cut to, where it stands, and what lies on its shelves. */
export function BasketFields({
    basket,
    view,
    choices,
    problems,
    newId,
    onChange,
}: {
    basket: TypedBasket;
    view: SectionView;
    choices: Choices;
    problems: Problems;
    newId: () => string;
    onChange: (basket: TypedBasket) => void;
}) {
    const { unit: mm } = choices.length;
    const use = basket.use;
    const setUse = (changed: Partial<TypedBasketUse>) =>
        onChange({
            ...basket,
            use: { ...(use ?? { chamber: 0, standMm: '0', sealed: false, layers: [] }), ...changed },
        });
    const layers = use?.layers ?? [];
    const setLayer = (id: string, changed: Partial<TypedLayer>) =>
        setUse({ layers: layers.map((layer) => (layer.id === id ? { ...layer, ...changed } : layer)) });
    const shelves: [string, string][] = Array.from({ length: Math.max(1, Number(basket.shelves) || 1) }, (_, i) => [
        String(i + 1),
        `shelf ${i + 1}${i === 0 ? ', at the top' : ''}`,
    ]);
    const isPad = (kind: string) => choices.layers.find(([value]) => value === kind)?.[2] ?? true;
    return (
        <>
            <PartGrid>
                <ChoiceField
                    label="Stands in"
                    value={use?.chamber ?? ''}
                    options={
                        [
                            ...(use === undefined ? [['', 'not placed']] : []),
                            ...chamberOptions(view.chambers.length),
                        ] as [string, string][]
                    }
                    onPick={(chamber) => chamber !== '' && setUse({ chamber: Number(chamber) })}
                />
                {use !== undefined &&
                    figureField(use, 'standMm', 'Foot over the floor', mm, 'basket.use.standMm', problems, (standMm) =>
                        setUse({ standMm }),
                    )}
                {SIZES.map(([key, label]) =>
                    figureField(
                        basket,
                        key,
                        label,
                        key === 'shelves' ? undefined : mm,
                        `basket.${key}`,
                        problems,
                        (text) => onChange({ ...basket, [key]: text }),
                    ),
                )}
            </PartGrid>
            <Box mt="2">
                <CheckField
                    label="A strip seals its front edge"
                    checked={use?.sealed ?? false}
                    onCheck={(sealed) => setUse({ sealed })}
                />
            </Box>
            <Box fontSize="xs" color="quiet" mt="1">
                Measure the cavity at its narrowest, at the top and at the bottom. Back and sides are sealed; the water
                comes in over the front and leaves at the bottom.
                {view.basket !== null && ` Each shelf is ${shopLength(view.basket.shelfMm, mm)} ${mm} high, clear.`}
            </Box>
            {layers.map((layer, i) => (
                <Box key={layer.id} borderTopWidth="1px" pt="2" mt="2">
                    <PartGrid>
                        <ChoiceField
                            label={`Layer ${i + 1}`}
                            value={layer.kind}
                            options={choices.layers.map(([kind, label]) => [kind, label] as const)}
                            onPick={(kind) =>
                                setLayer(
                                    layer.id,
                                    isPad(kind) ? { kind, heightMm: layer.heightMm ?? typedLength(20, mm) } : { kind },
                                )
                            }
                        />
                        <ChoiceField
                            label="on"
                            value={String(layer.shelf)}
                            options={shelves}
                            onPick={(shelf) => setLayer(layer.id, { shelf: Number(shelf) })}
                        />
                        {isPad(layer.kind) ? (
                            figureField(
                                layer,
                                'heightMm',
                                'Thickness',
                                mm,
                                `layer.${layer.id}.heightMm`,
                                problems,
                                (heightMm) => setLayer(layer.id, { heightMm }),
                            )
                        ) : (
                            <ChoiceField
                                label="Which"
                                value={layer.medium ?? ''}
                                options={[['', 'not said'], ...choices.media]}
                                onPick={(medium) => setLayer(layer.id, { medium })}
                            />
                        )}
                        <Button
                            look="plain"
                            aria-label={`Remove layer ${i + 1}`}
                            onClick={() => setUse({ layers: layers.filter(({ id }) => id !== layer.id) })}
                        >
                            Remove
                        </Button>
                    </PartGrid>
                </Box>
            ))}
            <Box display="flex" gap="2" mt="3">
                <Button
                    onClick={() =>
                        setUse({
                            layers: [
                                ...layers,
                                { id: newId(), shelf: 1, kind: 'coarse-pad', heightMm: typedLength(20, mm) },
                            ],
                        })
                    }
                >
                    Add a pad
                </Button>
                <Button onClick={() => setUse({ layers: [...layers, { id: newId(), shelf: 1, kind: 'media' }] })}>
                    Add media
                </Button>
            </Box>
        </>
    );
}
