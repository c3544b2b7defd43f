<?php

declare(strict_types=1);

namespace Sectum\Custody;

/** Something that happened to things that are kept, at a minute counted from any fixed moment. */
final readonly class CustodyEvent
{
    /**
     * @param  list<string>  $ids  what it happened to; of what is received or made, what that was made of
     * @param  int|null  $until  minute of its date; null for what came frozen
     * @param  int|null  $rawUntil  minute after which it is not bright enough to be served raw; null: it never was
     * @param  int|null  $left  of what came frozen: minutes its date had left
     * @param  int|null  $rawLeft  the same of its raw moment
     * @param  int  $from  of a stretch out of the cold: the minute it began
     * @param  bool  $hot  above 21 °C at some time
     * @param  list<string>  $allergens
     * @param  list<string>  $emptied  those of $ids that are used up
     */
    private function __construct(
        public CustodyEventKind $kind,
        public int $minute,
        public array $ids,
        public string $new = '',
        public ?int $until = null,
        public ?int $rawUntil = null,
        public ?int $left = null,
        public ?int $rawLeft = null,
        public bool $proof = false,
        public bool $histamine = false,
        public int $warmMinutes = 0,
        public bool $hot = false,
        public bool $thawedBefore = false,
        public array $allergens = [],
        public KeptAs $as = KeptAs::Raw,
        public int $keeps = 0,
        public bool $reading = false,
        public array $emptied = [],
        public int $from = 0,
    ) {
    }

    /** @param  list<string>  $allergens */
    public static function received(
        int $minute,
        string $id,
        int $until,
        ?int $rawUntil = null,
        bool $proof = false,
        bool $histamine = false,
        int $warmMinutes = 0,
        bool $hot = false,
        bool $thawedBefore = false,
        array $allergens = [],
    ): self {
        return new self(
            CustodyEventKind::Received,
            $minute,
            [],
            $id,
            until: $until,
            rawUntil: $rawUntil,
            proof: $proof,
            histamine: $histamine,
            warmMinutes: $warmMinutes,
            hot: $hot,
            thawedBefore: $thawedBefore,
            allergens: $allergens,
        );
    }

    /** @param  list<string>  $allergens */
    public static function receivedFrozen(
        int $minute,
        string $id,
        int $left,
        ?int $rawLeft = null,
        bool $proof = false,
        bool $histamine = false,
        int $warmMinutes = 0,
        bool $hot = false,
        bool $thawedBefore = false,
        array $allergens = [],
    ): self {
        return new self(
            CustodyEventKind::Received,
            $minute,
            [],
            $id,
            left: $left,
            rawLeft: $rawLeft,
            proof: $proof,
            histamine: $histamine,
            warmMinutes: $warmMinutes,
            hot: $hot,
            thawedBefore: $thawedBefore,
            allergens: $allergens,
        );
    }

    /**
     * @param  list<string>  $of  at least one
     * @param  list<string>  $allergens
     * @param  list<string>  $emptied
     */
    public static function made(
        int $minute,
        string $id,
        array $of,
        int $keeps,
        KeptAs $as,
        bool $reading = false,
        array $allergens = [],
        array $emptied = [],
    ): self {
        return new self(
            CustodyEventKind::Made,
            $minute,
            $of,
            $id,
            as: $as,
            keeps: $keeps,
            reading: $reading,
            allergens: $allergens,
            emptied: $emptied,
        );
    }

    /** @param  list<string>  $ids */
    public static function warm(int $minute, array $ids, int $from, bool $hot = false): self
    {
        return new self(CustodyEventKind::Warm, $minute, $ids, hot: $hot, from: $from);
    }

    /**
     * Something that needs no more than when and what: freezing, a thaw, a discard.
     *
     * @param  list<string>  $ids
     */
    public static function of(CustodyEventKind $kind, int $minute, array $ids): self
    {
        return new self($kind, $minute, $ids);
    }
}
