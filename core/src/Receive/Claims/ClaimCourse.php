<?php

declare(strict_types=1);

namespace Sectum\Receive\Claims;

use Sectum\Measure\Currency;
use Sectum\Measure\Money;
use Sectum\Message;

/**
 * How far a claim has come, from what happened to it.
 *
 * It may be sent again when more was found; an answer or a credit note always follows a sending. A credit note is an
 * answer in itself.
 */
final readonly class ClaimCourse
{
    /**
     * @param  Money|null  $claimed  as sent last; null while it was not
     * @param  Money  $credited  of all credit notes
     */
    private function __construct(public ClaimState $state, public ?Money $claimed, public Money $credited)
    {
    }

    /** @param  list<ClaimEvent>  $events  in the order they happened, those taken back left out */
    public static function of(array $events, Currency $currency): self
    {
        $claimed = null;
        $credited = Money::zero($currency);
        $answer = null;
        foreach ($events as $event) {
            match ($event->step) {
                ClaimStep::Sent => $claimed = $event->money,
                ClaimStep::Answered => $answer = $event->answer,
                ClaimStep::Credited => $credited = $credited->plus($event->money),
            };
            if ($event->step === ClaimStep::Sent) {
                $answer = null;
            }
        }

        return new self(self::state($claimed, $credited, $answer), $claimed, $credited);
    }

    /** What is still to come back: nothing once it has ended. */
    public function outstanding(): Money
    {
        return $this->claimed === null || $this->state->isEnded()
            ? Money::zero($this->credited->currency)
            : $this->claimed->minus($this->credited)->orNothing();
    }

    /**
     * @param  bool  $isNew  whether what is claimed now differs from what was sent last
     *
     * @throws BadClaimStep when it is not ready for it
     */
    public function mustBeReadyFor(ClaimStep $next, bool $isNew = true): void
    {
        $why = match (true) {
            $next === ClaimStep::Sent && $this->claimed !== null && ! $isNew => ClaimSays::Unchanged,
            $next !== ClaimStep::Sent && $this->claimed === null => ClaimSays::NotSent,
            default => null,
        };
        if ($why !== null) {
            throw new BadClaimStep(new Message($why), $next->value, '/step');
        }
    }

    private static function state(?Money $claimed, Money $credited, ?ClaimAnswer $answer): ClaimState
    {
        $isCredited =
            $credited->minor > 0 &&
            ($credited->minor >= ($claimed->minor ?? 0) || $answer === ClaimAnswer::Partly);

        return match (true) {
            $claimed === null => ClaimState::Open,
            $isCredited => ClaimState::Credited,
            $answer === ClaimAnswer::Rejected => ClaimState::Rejected,
            $credited->minor > 0 => ClaimState::PartCredited,
            $answer !== null => ClaimState::Answered,
            default => ClaimState::Sent,
        };
    }
}
