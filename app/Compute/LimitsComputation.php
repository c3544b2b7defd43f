<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\Fields;
use Sectum\Custody\Custody;
use Sectum\Custody\CustodyEvent;
use Sectum\Custody\CustodyEventKind;
use Sectum\Custody\CustodyHouse;
use Sectum\Custody\KeptAs;
use Sectum\Custody\RefusedEvent;
use Sectum\Custody\ThingLimits;
use stdClass;

/** `limits`: what may still be done with things that are kept, and until when? */
final readonly class LimitsComputation implements Computation
{
    public static function name(): string
    {
        return 'limits';
    }

    public function answer(Fields $request): array
    {
        $house = $request->fields('house');
        $answer = Custody::of(
            array_map(self::event(...), array_keys($request->list('events')), $request->list('events')),
            $request->int('at_minute'),
            new CustodyHouse(
                $house->int('thaw_window_minutes', 1440),
                $house->int('thaw_keeps_minutes', 1440),
                $house->int('out_minutes', 120),
            ),
        );
        $things = new stdClass();
        foreach ($answer->things as [$id, $limits]) {
            $things->{$id} = self::limits($limits);
        }

        return [
            'things' => $things,
            'refused' => array_map(
                fn (RefusedEvent $one): array => [
                    'event' => $one->event,
                    'code' => $one->code->value,
                    'id' => $one->id,
                ],
                $answer->refused,
            ),
        ];
    }

    private static function event(int $i, Fields $event): CustodyEvent
    {
        $kind = CustodyEventKind::from($event->string('kind'));
        $minute = $event->int('minute');
        $frozen = $event->has('frozen') && $event->bool('frozen');
        foreach (self::needs($kind, $frozen) as $key => $sentence) {
            $event->has($key) || throw Fault::inField("/events/{$i}/{$key}", $sentence);
        }
        $flag = fn (string $key): bool => $event->has($key) && $event->bool($key);
        $names = fn (string $key): array => $event->has($key) ? $event->strings($key) : [];

        return match ($kind) {
            CustodyEventKind::Received => ($frozen ? CustodyEvent::receivedFrozen(...) : CustodyEvent::received(...))(
                $minute,
                $event->string('id'),
                $event->int($frozen ? 'left_minutes' : 'until_minute'),
                $event->maybeInt($frozen ? 'raw_left_minutes' : 'raw_until_minute'),
                $flag('proof'),
                $flag('histamine'),
                $event->int('warm_minutes', 0),
                $flag('hot'),
                $flag('frozen_before'),
                $names('allergens'),
            ),
            CustodyEventKind::Made => CustodyEvent::made(
                $minute,
                $event->string('id'),
                $event->strings('from'),
                $event->int('keeps_minutes'),
                KeptAs::from($event->string('class')),
                $flag('reading'),
                $names('allergens'),
                $names('emptied'),
            ),
            CustodyEventKind::Warm => CustodyEvent::warm(
                $minute,
                $event->strings('ids'),
                $event->int('from_minute'),
                $flag('hot'),
            ),
            CustodyEventKind::Released,
            CustodyEventKind::NotCooled,
            CustodyEventKind::Frozen,
            CustodyEventKind::Proof,
            CustodyEventKind::Airless,
            CustodyEventKind::Opened,
            CustodyEventKind::Thaw,
            CustodyEventKind::Thawed,
            CustodyEventKind::Discarded => CustodyEvent::of($kind, $minute, $event->strings('ids')),
        };
    }

    /** @return array<string, string> what an event of its kind has, each with what is said where it is missing */
    private static function needs(CustodyEventKind $kind, bool $frozen): array
    {
        $ids = ['ids' => 'Name the things it happened to.'];

        return match ($kind) {
            CustodyEventKind::Received => $frozen
                ? ['id' => 'A thing has an id.', 'left_minutes' => 'What comes frozen has so many minutes left.']
                : ['id' => 'A thing has an id.', 'until_minute' => 'What is received has a date.'],
            CustodyEventKind::Made => [
                'id' => 'A thing has an id.',
                'from' => 'Name what it is made of.',
                'keeps_minutes' => 'It keeps for 0 minutes or more.',
                'class' => 'It is made raw, for raw service, or cooked.',
            ],
            CustodyEventKind::Warm => [...$ids, 'from_minute' => 'It was out of the cold from a minute, 0 or later.'],
            CustodyEventKind::Released,
            CustodyEventKind::NotCooled,
            CustodyEventKind::Frozen,
            CustodyEventKind::Proof,
            CustodyEventKind::Airless,
            CustodyEventKind::Opened,
            CustodyEventKind::Thaw,
            CustodyEventKind::Thawed,
            CustodyEventKind::Discarded => $ids,
        };
    }

    /** @return Answer */
    private static function limits(ThingLimits $limits): array
    {
        return [
            'until_minute' => $limits->until,
            'stop' => $limits->stop?->value,
            'serve' => $limits->mayBeServed(),
            'raw_open' => $limits->rawOpen,
            'raw_until_minute' => $limits->rawUntil,
            'freeze' => $limits->mayBeFrozen(),
            'thawed' => $limits->thawed,
            'frozen' => $limits->frozen,
            'thawing' => $limits->thawing,
            'proof' => $limits->proof,
            'warm_minutes' => $limits->warm,
            'limit_minutes' => $limits->warmLimit,
            'allergens' => $limits->allergens,
        ];
    }
}
