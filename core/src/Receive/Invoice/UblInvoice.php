<?php

declare(strict_types=1);

namespace Sectum\Receive\Invoice;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;
use DOMDocument;
use DOMElement;
use DOMNode;
use DOMXPath;
use Sectum\Measure\Mass;
use Sectum\Measure\MassUnit;
use Sectum\Receive\PriceUnit;
use Sectum\Refusal;

/**
 * An invoice or despatch advice in OASIS UBL 2.1.
 *
 * Nothing outside the file is looked at, a document type is refused, and the sums the invoice states are checked
 * against its lines, to the last decimal, for every rate of tax.
 */
final readonly class UblInvoice
{
    private const CBC = 'urn:oasis:names:specification:ubl:schema:xsd:CommonBasicComponents-2';

    private const CAC = 'urn:oasis:names:specification:ubl:schema:xsd:CommonAggregateComponents-2';

    private const ROOTS = [
        'Invoice' => 'urn:oasis:names:specification:ubl:schema:xsd:Invoice-2',
        'DespatchAdvice' => 'urn:oasis:names:specification:ubl:schema:xsd:DespatchAdvice-2',
    ];

    private const MOST_LINES = 500;

    /** Tags of the whole file, and attributes of one: far more than 500 lines need. */
    private const MOST_TAGS = 100_000;

    private const MOST_ATTRIBUTES = 100;

    /** UN/ECE recommendation 20 unit codes that a fish invoice uses. */
    private const MASSES = [
        'KGM' => MassUnit::Kilogram,
        'GRM' => MassUnit::Gram,
        'LBR' => MassUnit::Pound,
        'ONZ' => MassUnit::Ounce,
    ];

    private const EACH = ['C62', 'H87', 'EA', 'PCE', 'NAR'];

    private DOMXPath $find;

    private function __construct(private DOMElement $root)
    {
        $document = $root->ownerDocument;
        $this->find = new DOMXPath($document ?? throw new BadInvoice('This XML is empty.', '', '/file'));
        $this->find->registerNamespace('b', self::CBC);
        $this->find->registerNamespace('a', self::CAC);
    }

    /** @throws BadInvoice when it is not XML, carries a document type, or is neither invoice nor despatch advice */
    public static function read(string $text): Invoice
    {
        if (stripos($text, '<!DOCTYPE') !== false || stripos($text, '<!ENTITY') !== false) {
            throw new BadInvoice(
                'This XML brings a document type of its own; no invoice needs one, so it is not read.',
                '',
                '/file',
            );
        }
        self::mustBeSmall($text);
        $document = new DOMDocument();
        $before = libxml_use_internal_errors(true);
        // It was made UTF-8 before; what the file says of itself no longer holds.
        $loaded = $document->loadXML(
            preg_replace('/^(<\?xml[^>]*?)\s+encoding=("[^"]*"|\'[^\']*\')/', '$1', ltrim($text)) ?? '',
            LIBXML_NONET | LIBXML_COMPACT,
        );
        $error = libxml_get_last_error();
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        if (! $loaded || $document->documentElement === null || $document->doctype !== null) {
            throw new BadInvoice(
                'This XML is broken'.($error === false ? '.' : " at line {$error->line}."),
                '',
                '/file',
            );
        }
        $root = $document->documentElement;
        if (
            ! isset(self::ROOTS[$root->localName ?? '']) ||
            self::ROOTS[$root->localName ?? ''] !== $root->namespaceURI
        ) {
            throw new BadInvoice(
                'This XML is neither a UBL 2.1 invoice nor a despatch advice.',
                $root->nodeName,
                '/file',
            );
        }

        return (new self($root))->invoice();
    }

    /**
     * Counted before it is parsed: an element of a hundred thousand attributes holds a parser for minutes.
     *
     * @throws BadInvoice when it is no invoice of this world
     */
    private static function mustBeSmall(string $text): void
    {
        if (substr_count($text, '<') > self::MOST_TAGS) {
            throw new BadInvoice(
                'This XML has more elements than an invoice of '.self::MOST_LINES.' lines.',
                '',
                '/file',
            );
        }
        // No attribute holds a "<": what stands between two of them has at most one element's attributes in it.
        foreach (explode('<', $text) as $tag) {
            if (substr_count($tag, '=') > self::MOST_ATTRIBUTES) {
                throw new BadInvoice(
                    'An element of this XML has more attributes than any invoice needs.',
                    '',
                    '/file',
                );
            }
        }
    }

    private function invoice(): Invoice
    {
        $faults = [];
        $date = null;
        try {
            $date = $this->text('b:IssueDate') === null ? null : (new Written())->date($this->text('b:IssueDate'));
        } catch (Refusal $refusal) {
            $faults[] = $refusal->getMessage();
        }
        $isInvoice = $this->root->localName === 'Invoice';
        $lines = $this->nodes($isInvoice ? 'a:InvoiceLine' : 'a:DespatchLine');
        if (count($lines) > self::MOST_LINES) {
            throw new BadInvoice(
                'More than '.self::MOST_LINES.' lines: this is no delivery of one day.',
                '',
                '/file',
            );
        }
        $rows = array_map(
            fn (DOMNode $line, int $i): Row => $this->row($line, $i + 1, $isInvoice),
            $lines,
            array_keys($lines),
        );
        $party = $isInvoice ? 'a:AccountingSupplierParty' : 'a:DespatchSupplierParty';

        return Invoice::of(
            $this->text("{$party}/a:Party/a:PartyName/b:Name") ??
                $this->text("{$party}/a:Party/a:PartyLegalEntity/b:RegistrationName"),
            $this->text('b:ID'),
            $date,
            $this->text('b:DocumentCurrencyCode'),
            $rows,
            $isInvoice ? [...$faults, ...$this->sums($rows)] : $faults,
        );
    }

    private function row(DOMNode $line, int $i, bool $isInvoice): Row
    {
        $faults = [];
        $quantity = $this->node($isInvoice ? 'b:InvoicedQuantity' : 'b:DeliveredQuantity', $line);
        $code = $quantity?->getAttribute('unitCode') ?? '';
        $amount = $this->decimal($quantity, $faults);
        $mass = null;
        $count = null;
        if ($amount !== null && isset(self::MASSES[$code])) {
            $milligrams = $amount
                ->multipliedBy(self::MASSES[$code]->grams())
                ->multipliedBy(1000)
                ->toScale(0, RoundingMode::HALF_UP);
            $milligrams->isPositive() && $milligrams->isLessThanOrEqualTo(Mass::MOST_MILLIGRAMS)
                ? ($mass = Mass::ofMilligrams($milligrams->toInt()))
                : ($faults[] = 'Its weight is nothing, or more than two tonnes.');
        } elseif ($amount !== null && in_array($code, self::EACH, true)) {
            $amount->isPositive() && $amount->stripTrailingZeros()->getScale() === 0
                ? ($count = $amount->toScale(0, RoundingMode::DOWN)->toInt())
                : ($faults[] = "{$amount} is not a count of fish.");
        } elseif ($amount !== null) {
            $faults[] = "A quantity in \"{$code}\" is not known here: kilos, grams, pounds, ounces or pieces.";
        }
        $price = $this->decimal($this->node('a:Price/b:PriceAmount', $line), $faults);
        $base = $this->node('a:Price/b:BaseQuantity', $line);
        $per = $this->decimal($base, $faults);
        $baseCode = $base?->getAttribute('unitCode') ?? '';
        $unit = self::unit($baseCode === '' ? $code : $baseCode);
        if ($price !== null && $per !== null && $per->isPositive() && ! $per->isEqualTo(1)) {
            $price = $price->dividedBy($per, 6, RoundingMode::HALF_UP)->stripTrailingZeros();
        }
        $net = $this->decimal($this->node('b:LineExtensionAmount', $line), $faults);
        if (
            $net !== null &&
            $price !== null &&
            $amount !== null &&
            ($base === null || $base->getAttribute('unitCode') === $code) &&
            ! $price->multipliedBy($amount)->toScale($net->getScale(), RoundingMode::HALF_UP)->isEqualTo($net) &&
            $this->nodes('a:AllowanceCharge', $line) === []
        ) {
            $faults[] = "{$amount} × {$price} does not make {$net}.";
        }
        $lot = $this->text('a:Item/a:ItemInstance/a:LotIdentification/b:LotNumberID', $line);

        return new Row(
            $i,
            trim($this->text('a:Item/b:Name', $line) ?? ''),
            $mass,
            $count,
            null,
            $price,
            $unit,
            $net,
            $this->decimal($this->node('a:Item/a:ClassifiedTaxCategory/b:Percent', $line), $faults),
            null,
            array_filter(
                ['lot' => $lot, 'area' => $this->text('a:Item/a:OriginCountry/b:IdentificationCode', $line)],
                fn (?string $text): bool => $text !== null,
            ),
            $faults,
        );
    }

    /**
     * What the invoice says of its own sums, held against its lines.
     *
     * @param  list<Row>  $rows
     * @return list<string>
     */
    private function sums(array $rows): array
    {
        $faults = [];
        $nets = BigDecimal::zero();
        $byRate = [];
        foreach ($rows as $row) {
            if ($row->net !== null) {
                $nets = $nets->plus($row->net);
                $rate = (string) ($row->taxPct ?? BigDecimal::zero())->stripTrailingZeros();
                $byRate[$rate] = ($byRate[$rate] ?? BigDecimal::zero())->plus($row->net);
            }
        }
        $whole = $this->nodes('a:AllowanceCharge') === [];
        $stated = $this->decimal($this->node('a:LegalMonetaryTotal/b:LineExtensionAmount'), $faults);
        if ($stated !== null && ! $stated->isEqualTo($nets)) {
            $faults[] = "The lines come to {$nets}, the invoice says {$stated}.";
        }
        foreach ($this->nodes('a:TaxTotal/a:TaxSubtotal') as $subtotal) {
            $rate = $this->decimal($this->node('a:TaxCategory/b:Percent', $subtotal), $faults)?->stripTrailingZeros();
            $taxable = $this->decimal($this->node('b:TaxableAmount', $subtotal), $faults);
            $tax = $this->decimal($this->node('b:TaxAmount', $subtotal), $faults);
            if ($rate === null || $taxable === null || $tax === null) {
                continue;
            }
            $lines = $byRate[(string) $rate] ?? BigDecimal::zero();
            if ($whole && ! $lines->isEqualTo($taxable)) {
                $faults[] = "At {$rate} % the lines come to {$lines}, the invoice says {$taxable}.";
            }
            if (
                ! $taxable
                    ->multipliedBy($rate)
                    ->dividedBy(100, $tax->getScale(), RoundingMode::HALF_UP)
                    ->isEqualTo($tax)
            ) {
                $faults[] = "{$rate} % of {$taxable} is not {$tax}.";
            }
        }

        return $faults;
    }

    private static function unit(string $code): PriceUnit
    {
        return match (true) {
            $code === 'LBR' => PriceUnit::Pound,
            in_array($code, self::EACH, true) => PriceUnit::Each,
            default => PriceUnit::Kilo,
        };
    }

    /** @param  list<string>  $faults */
    private function decimal(?DOMElement $node, array &$faults): ?BigDecimal
    {
        if ($node === null) {
            return null;
        }
        $text = trim($node->textContent);
        try {
            $number = preg_match('/^-?\d{1,12}(?:\.\d{1,8})?$/', $text) === 1 ? BigDecimal::of($text) : null;
        } catch (MathException) {
            $number = null;
        }
        if ($number === null || $number->isNegative()) {
            $faults[] = "{$node->localName} is \"".mb_substr($text, 0, 30).'", which is no amount.';

            return null;
        }

        return $number;
    }

    private function text(string $path, ?DOMNode $in = null): ?string
    {
        $text = trim($this->node($path, $in)->textContent ?? '');

        return $text === '' ? null : mb_substr($text, 0, 120);
    }

    private function node(string $path, ?DOMNode $in = null): ?DOMElement
    {
        $first = $this->nodes($path, $in)[0] ?? null;

        return $first instanceof DOMElement ? $first : null;
    }

    /** @return list<DOMNode> */
    private function nodes(string $path, ?DOMNode $in = null): array
    {
        $found = $this->find->query($path, $in ?? $this->root);

        return $found === false
            ? []
            : array_values(
                array_filter(iterator_to_array($found), fn (mixed $node): bool => $node instanceof DOMNode),
            );
    }
}
