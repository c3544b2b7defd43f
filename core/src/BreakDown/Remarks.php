<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Closure as Printing;
use Sectum\Measure\Mass;

/** What a reconciliation says, in kitchen words. */
final readonly class Remarks
{
    /**
     * Log odds from which the likeliest mistake is named although other readings could be meant: about three to one.
     */
    private const CLEAR = 1.1;

    /** More suspects than this point at nobody. */
    private const MOST_NAMED = 3;

    /**
     * @param  array<string, string>  $names  of the pieces by id, as said at the board
     * @param  Printing(Mass): string  $print  a mass in the cook's units
     * @return list<Remark>
     */
    public static function of(Reconciliation $reconciled, array $names, Printing $print): array
    {
        $named = fn (string $id): string => lcfirst($names[$id] ?? $id);
        $suspects = $reconciled->suspects;
        $diagnosis = $reconciled->diagnosis;
        $suspicion = match (true) {
            $suspects === [] || $diagnosis === null => null,
            count($suspects) === 1, $diagnosis->logOdds > self::CLEAR => self::suspicion($diagnosis, $named, $print),
            default => self::oneOf($suspects, $named),
        };
        $remarks = [];
        foreach ($reconciled->closures as $closure) {
            if ($closure->amount === null) {
                continue;
            }
            $amount = $print($closure->amount);
            $remarks[] =
                $closure->verdict === Verdict::Over
                    ? new Remark(
                        "More came off {$named($closure->parent)} than went on, by {$amount}".
                            ($suspicion === null ? '.' : ": {$suspicion->what}"),
                        $suspicion->todo ?? 'Weigh the largest part again.',
                        $suspicion?->piece,
                        $suspicion?->tray,
                    )
                    : new Remark(
                        "{$amount} of {$named($closure->parent)} is not accounted for".
                            ($suspicion === null ? '.' : ": {$suspicion->what}"),
                        $suspicion->todo ?? 'Look for what is still on the board and weigh it.',
                        $suspicion?->piece,
                        $suspicion?->tray,
                    );
            $suspicion = null;
        }
        if ($suspicion !== null) {
            $remarks[] = new Remark(ucfirst($suspicion->what), $suspicion->todo, $suspicion->piece, $suspicion->tray);
        }

        return $remarks;
    }

    /**
     * @param  Printing(string): string  $named
     * @param  Printing(Mass): string  $print
     */
    private static function suspicion(Diagnosis $suspect, Printing $named, Printing $print): Remark
    {
        $name = self::the($named($suspect->id));
        $heavy = $suspect->biasGrams > 0 ? 'heavy' : 'light';
        $off = $print(Mass::ofGrams(abs($suspect->biasGrams)));
        $first = $suspect->explanation;
        $because = $first === null ? '' : self::because($first, $suspect, $named, $print);
        $tray = $first?->kind === ExplanationKind::Tare && $suspect->biasGrams > 0 ? $first->name : null;

        return new Remark(
            "{$name} reading looks {$off} too {$heavy}{$because}.",
            "Weigh {$name} again".($tray === null ? '.' : ", or record that it was on the {$tray}."),
            $suspect->id,
            $tray,
        );
    }

    /**
     * @param  Printing(string): string  $named
     * @param  Printing(Mass): string  $print
     */
    private static function because(
        Explanation $explanation,
        Diagnosis $suspect,
        Printing $named,
        Printing $print,
    ): string {
        $corrected = $explanation->corrected === null ? '' : $print($explanation->corrected);

        return match ($explanation->kind) {
            ExplanationKind::Tare => $suspect->biasGrams > 0
                ? ", the weight of the {$explanation->name}"
                : ", as if the {$explanation->name} was taken off twice",
            ExplanationKind::Unit => ', as if '.
                ($explanation->units->onScale->value ?? '').
                ' had been read as '.
                ($explanation->units->readAs->value ?? '').
                " ({$corrected})",
            ExplanationKind::Digits => ", as if two digits had changed places ({$corrected})",
            ExplanationKind::Twice => ', and is the same as '.self::the($named($explanation->name ?? '')).' reading',
        };
    }

    /**
     * @param  non-empty-list<Suspect>  $suspects
     * @param  Printing(string): string  $named
     */
    private static function oneOf(array $suspects, Printing $named): Remark
    {
        if (count($suspects) > self::MOST_NAMED) {
            return new Remark(
                'one reading does not fit the others.',
                'Weigh the parts again, the largest first.',
                null,
            );
        }
        $names = array_map(fn (Suspect $suspect): string => $named($suspect->id), $suspects);
        $last = array_pop($names);

        return new Remark(
            'one of '.implode(', ', $names)." and {$last} does not fit the others.",
            'Weigh '.self::the($named($suspects[0]->id)).' again first.',
            $suspects[0]->id,
        );
    }

    /** "the frame"; "the whole fish" brings its article along. */
    private static function the(string $name): string
    {
        return str_starts_with($name, 'the ') ? $name : "the {$name}";
    }
}
