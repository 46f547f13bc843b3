import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { type SyntheticEvent, useState } from 'react';
import { type Stock } from '../pages/Care/Stock';
import { Button } from '../parts/Button';
import { ChoiceField } from '../parts/ChoiceField';
import { useFields } from '../parts/useFields';
import { type Item } from './StockItem';

/** An item of the stock: what it is, what a pack holds and costs, and which tanks use it. */
export function StockForm({ systemId, item, stock }: { systemId: number; item: Item | null; stock: Stock }) {
    const empty = {
        consumable: item?.kind ?? '',
        name: item?.name ?? '',
        size: item?.size ?? '',
        place: item?.place ?? '',
        per_pack: item === null ? '' : String(item.perPack),
        price: item?.price == null ? '' : String(item.price),
        delivery_days: String(item?.deliveryDays ?? 7),
        opened: item?.opened ?? '',
        best_before: item?.bestBefore ?? '',
        amount: '',
    };
    const { typed, setTyped, errors, setErrors, set, field } = useFields(empty);
    const [tanks, setTanks] = useState(item === null ? [systemId] : item.tanks.map(({ id }) => id));
    const unit = stock.kinds.find(({ key }) => key === typed.consumable)?.unit ?? '';
    const url = `/systems/${systemId}/care/stock`;
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        const options = {
            preserveScroll: true,
            onError: setErrors,
            onSuccess: () => {
                setErrors({});
                setTyped(item === null ? empty : typed);
            },
        };
        if (item === null) {
            router.post(url, { ...typed, tanks }, options);
        } else {
            router.put(`${url}/${item.id}`, { ...typed, tanks }, options);
        }
    };
    return (
        <chakra.form
            aria-label={item === null ? 'Add an item' : `Change ${item.name}`}
            display="grid"
            gap="3"
            maxWidth="44rem"
            py="2"
            onSubmit={submit}
        >
            <Box display="grid" gap="3" gridTemplateColumns={{ base: '1fr', md: '1fr 1fr' }}>
                <ChoiceField
                    label="What it is"
                    value={typed.consumable}
                    options={[['', 'choose'], ...stock.kinds.map(({ key, label }) => [key, label] as const)]}
                    error={errors['consumable']}
                    onPick={set('consumable')}
                />
                {field('name', 'Name')}
                {field('size', 'Size', { help: 'For example: 4 in, 200 µm' })}
                {field('place', 'Where it is kept')}
                {field('per_pack', 'In a pack', { unit })}
                {field('price', 'Price of a pack')}
                {item === null && field('amount', 'You have now', { unit })}
                {field('delivery_days', 'Delivery takes', { unit: 'days' })}
                {field('opened', 'Opened on', { type: 'date' })}
                {field('best_before', 'Best before', { type: 'date' })}
            </Box>
            <Box role="group" aria-label="Tanks that use it" display="flex" flexWrap="wrap" columnGap="4">
                {stock.tanks.map(({ id, name }) => (
                    <chakra.label
                        key={id}
                        display="flex"
                        gap="1"
                        alignItems="center"
                        minH={{ base: '44px', md: '28px' }}
                    >
                        <input
                            type="checkbox"
                            checked={tanks.includes(id)}
                            onChange={(event) =>
                                setTanks(event.target.checked ? [...tanks, id] : tanks.filter((one) => one !== id))
                            }
                        />
                        {name}
                    </chakra.label>
                ))}
            </Box>
            {errors['tanks'] !== undefined && (
                <chakra.p role="alert" color="fault" fontSize="sm">
                    {errors['tanks']}
                </chakra.p>
            )}
            <Button type="submit" look="solid" justifySelf="start" minH={{ base: '44px', md: '36px' }}>
                {item === null ? 'Add it' : 'Save'}
            </Button>
        </chakra.form>
    );
}
