<?php

declare(strict_types=1);

namespace Sectum\Gs1;

/** One application identifier: what it means and how its value is built. */
final readonly class Identifier
{
    /**
     * Known identifiers: title, pattern of the value, and how it is checked besides. A trailing "n" stands for the
     * number of decimals.
     */
    private const KNOWN = [
        '00' => ['Logistic unit (SSCC)', '\d{18}', 'check'],
        '01' => ['Trade item (GTIN)', '\d{14}', 'check'],
        '02' => ['Contained trade item', '\d{14}', 'check'],
        '10' => ['Lot', '.{1,20}', ''],
        '11' => ['Production date', '\d{6}', 'date'],
        '13' => ['Packaging date', '\d{6}', 'date'],
        '15' => ['Best before', '\d{6}', 'date'],
        '16' => ['Sell by', '\d{6}', 'date'],
        '17' => ['Expiry date', '\d{6}', 'date'],
        '21' => ['Serial number', '.{1,20}', ''],
        '251' => ['Source entity', '.{1,30}', ''],
        '30' => ['Count, variable', '\d{1,8}', ''],
        '310n' => ['Net weight, kg', '\d{6}', 'decimals'],
        '311n' => ['Length, m', '\d{6}', 'decimals'],
        '312n' => ['Width, m', '\d{6}', 'decimals'],
        '313n' => ['Height, m', '\d{6}', 'decimals'],
        '314n' => ['Area, m²', '\d{6}', 'decimals'],
        '315n' => ['Net volume, l', '\d{6}', 'decimals'],
        '316n' => ['Net volume, m³', '\d{6}', 'decimals'],
        '320n' => ['Net weight, lb', '\d{6}', 'decimals'],
        '37' => ['Count of contained items', '\d{1,8}', ''],
        '392n' => ['Price', '\d{1,15}', 'decimals'],
        '395n' => ['Price per unit of measure', '\d{6}', 'decimals'],
        '400' => ["Customer's order", '.{1,30}', ''],
        '414' => ['Location (GLN)', '\d{13}', 'check'],
        '421' => ['Ship-to postal code', '\d{3}.{1,9}', ''],
        '422' => ['Country of origin', '\d{3}', ''],
        '7003' => ['Expiry date and time', '\d{10}', 'time'],
        '7005' => ['Catch area', '.{1,12}', ''],
        '7007' => ['Harvest date', '\d{6}(?:\d{6})?', 'range'],
        '7008' => ['Species', '.{1,3}', ''],
        '7009' => ['Fishing gear', '.{1,10}', ''],
        '7010' => ['Production method', '.{1,2}', ''],
    ];

    /** First two digits of identifiers three and four digits long (General Specifications, 7.8); the others are two. */
    private const THREE = ['23', '24', '25', '40', '41', '42', '71'];

    private const FOUR = ['31', '32', '33', '34', '35', '36', '39', '43', '70', '72', '80', '81', '82'];

    /**
     * Identifier and value together, by first two digits, where the length is fixed and no separator follows (7.8.5).
     */
    private const FIXED = [
        '00' => 20,
        '01' => 16,
        '02' => 16,
        '03' => 16,
        '04' => 18,
        '11' => 8,
        '12' => 8,
        '13' => 8,
        '14' => 8,
        '15' => 8,
        '16' => 8,
        '17' => 8,
        '18' => 8,
        '19' => 8,
        '20' => 4,
        '31' => 10,
        '32' => 10,
        '33' => 10,
        '34' => 10,
        '35' => 10,
        '36' => 10,
        '41' => 16,
    ];

    /** Longest value of an identifier we do not know. */
    private const LONGEST = 90;

    private function __construct(
        public string $ai,
        public string $title,
        public string $pattern,
        public string $check,
    ) {
    }

    /** @throws BadScan when it cannot be an identifier */
    public static function of(string $ai): self
    {
        if (! ctype_digit($ai) || strlen($ai) !== self::length($ai)) {
            throw new BadScan("({$ai}) is no application identifier.", $ai, '/text');
        }
        $known = self::KNOWN[$ai] ?? (self::KNOWN[substr($ai, 0, 3).'n'] ?? null);
        if ($known === null || ($known[2] === 'decimals' && strlen($ai) !== 4)) {
            return new self($ai, 'Not used here', '.{1,'.self::LONGEST.'}', '');
        }

        return new self($ai, ...$known);
    }

    /** How many digits an identifier that starts so has. */
    public static function length(string $start): int
    {
        $first = substr($start, 0, 2);

        return match (true) {
            in_array($first, self::THREE, true) => 3,
            in_array($first, self::FOUR, true) => 4,
            default => 2,
        };
    }

    /** How long the value is when no separator ends it; null when a separator or the end does. */
    public function fixedLength(): ?int
    {
        $together = self::FIXED[substr($this->ai, 0, 2)] ?? null;

        return $together === null ? null : $together - strlen($this->ai);
    }

    /** Decimals the last digit of the identifier stands for; null when it stands for none. */
    public function decimals(): ?int
    {
        return $this->check === 'decimals' ? (int) substr($this->ai, 3) : null;
    }
}
