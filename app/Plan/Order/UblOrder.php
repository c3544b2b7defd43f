<?php

declare(strict_types=1);

namespace App\Plan\Order;

use App\Contract\Fault;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use DOMDocument;
use DOMElement;
use DOMNode;
use DOMXPath;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;

/**
 * An order as a UBL 2.1 Order document (OASIS, ISO/IEC 19845): fish are ordered by the kilo, their number and grade
 * stand in properties of the item.
 */
final readonly class UblOrder
{
    public const NS = 'urn:oasis:names:specification:ubl:schema:xsd:Order-2';

    public const CAC = 'urn:oasis:names:specification:ubl:schema:xsd:CommonAggregateComponents-2';

    public const CBC = 'urn:oasis:names:specification:ubl:schema:xsd:CommonBasicComponents-2';

    public static function write(PlacedOrder $order, Settings $settings): string
    {
        $xml = new DOMDocument('1.0', 'UTF-8');
        $xml->formatOutput = true;
        $root = $xml->createElementNS(self::NS, 'Order');
        $xml->appendChild($root);
        $root->setAttributeNS('http://www.w3.org/2000/xmlns/', 'xmlns:cac', self::CAC);
        $root->setAttributeNS('http://www.w3.org/2000/xmlns/', 'xmlns:cbc', self::CBC);
        $currency = $settings->currency->code;
        $placed = Moment::at($order->placed_at);
        self::cbc($root, 'UBLVersionID', '2.1');
        self::cbc($root, 'ID', (string) $order->number);
        self::cbc($root, 'UUID', $order->id);
        self::cbc($root, 'IssueDate', $placed->format('Y-m-d'));
        self::cbc($root, 'IssueTime', $placed->format('H:i:s'));
        if ($order->note !== '') {
            self::cbc($root, 'Note', $order->note);
        }
        self::cbc($root, 'DocumentCurrencyCode', $currency);
        self::party($root, 'BuyerCustomerParty', $settings->kitchen);
        self::party($root, 'SellerSupplierParty', $order->supplier->name);
        $period = self::cac(self::cac($root, 'Delivery'), 'RequestedDeliveryPeriod');
        self::cbc($period, 'EndDate', $order->for_day);
        $total = self::cac($root, 'AnticipatedMonetaryTotal');
        self::cbc($total, 'PayableAmount', $order->total($settings)->plain(), ['currencyID' => $currency]);
        foreach ($order->lines->values() as $i => $line) {
            self::line(self::cac(self::cac($root, 'OrderLine'), 'LineItem'), $i + 1, $line, $settings);
        }

        return (string) $xml->saveXML();
    }

    private static function line(DOMElement $at, int $place, OrderLine $line, Settings $settings): void
    {
        $currency = $settings->currency->code;
        self::cbc($at, 'ID', (string) $place);
        self::cbc($at, 'Quantity', self::kilos($line->mass()), ['unitCode' => 'KGM']);
        self::cbc($at, 'LineExtensionAmount', $line->cost($settings)->plain(), ['currencyID' => $currency]);
        $price = self::cac($at, 'Price');
        $perKg = $settings->money($line->price_per_kg_minor)->plain();
        self::cbc($price, 'PriceAmount', $perKg, ['currencyID' => $currency]);
        self::cbc($price, 'BaseQuantity', '1', ['unitCode' => 'KGM']);
        $item = self::cac($at, 'Item');
        self::cbc($item, 'Name', $line->species->name);
        foreach (
            [
                'pieces' => (string) $line->fish,
                'state' => $line->state->value,
                'from-g' => (string) $line->from_g,
                'to-g' => (string) $line->to_g,
            ] as $name => $value
        ) {
            $property = self::cac($item, 'AdditionalItemProperty');
            self::cbc($property, 'Name', $name);
            self::cbc($property, 'Value', $value);
        }
    }

    /**
     * What such a document says, as it was written.
     *
     * @return Answer
     *
     * @throws Fault when it is no order
     */
    public static function read(string $document, Settings $settings): array
    {
        $xml = new DOMDocument;
        $read = $document !== '' && @$xml->loadXML($document, LIBXML_NONET);
        ($read && $xml->documentElement?->namespaceURI === self::NS) ||
            throw Fault::inField('/file', 'This is no UBL 2.1 order.');
        $path = new DOMXPath($xml);
        $path->registerNamespace('o', self::NS);
        $path->registerNamespace('cac', self::CAC);
        $path->registerNamespace('cbc', self::CBC);
        $text = function (string $query, ?DOMNode $in = null) use ($path): string {
            $found = $path->evaluate("string({$query})", $in);

            return is_string($found) ? trim($found) : '';
        };
        $minor = fn (string $amount): int => Money::parse($amount, $settings->currency)->minor;
        $lines = [];
        $found = $path->query('/o:Order/cac:OrderLine/cac:LineItem');
        foreach ($found === false ? [] : $found as $line) {
            $line instanceof DOMNode || throw Fault::inField('/file', 'This is no UBL 2.1 order.');
            $property = fn (string $name): string => $text(
                "cac:Item/cac:AdditionalItemProperty[cbc:Name='{$name}']/cbc:Value",
                $line,
            );
            $lines[] = [
                'name' => $text('cac:Item/cbc:Name', $line),
                'state' => $property('state'),
                'from_g' => (int) $property('from-g'),
                'to_g' => (int) $property('to-g'),
                'fish' => (int) $property('pieces'),
                'kg' => $text('cbc:Quantity', $line),
                'price_minor' => $minor($text('cac:Price/cbc:PriceAmount', $line)),
                'cost_minor' => $minor($text('cbc:LineExtensionAmount', $line)),
            ];
        }

        return [
            'number' => $text('/o:Order/cbc:ID'),
            'day' => $text('/o:Order/cac:Delivery/cac:RequestedDeliveryPeriod/cbc:EndDate'),
            'supplier' => $text('/o:Order/cac:SellerSupplierParty/cac:Party/cac:PartyName/cbc:Name'),
            'total_minor' => $minor($text('/o:Order/cac:AnticipatedMonetaryTotal/cbc:PayableAmount')),
            'lines' => $lines,
        ];
    }

    /** Kilograms, exactly, without zeros nobody weighed. */
    public static function kilos(Mass $mass): string
    {
        $kg = sprintf('%d.%06d', intdiv($mass->milligrams, 1_000_000), $mass->milligrams % 1_000_000);

        return rtrim(rtrim($kg, '0'), '.');
    }

    private static function party(DOMElement $at, string $role, string $name): void
    {
        self::cbc(self::cac(self::cac(self::cac($at, $role), 'Party'), 'PartyName'), 'Name', $name);
    }

    private static function cac(DOMElement $at, string $name): DOMElement
    {
        return self::put($at, self::CAC, "cac:{$name}");
    }

    /** @param  array<string, string>  $attributes */
    private static function cbc(DOMElement $at, string $name, string $value, array $attributes = []): void
    {
        $made = self::put($at, self::CBC, "cbc:{$name}");
        $made->textContent = $value;
        foreach ($attributes as $attribute => $of) {
            $made->setAttribute($attribute, $of);
        }
    }

    private static function put(DOMElement $at, string $namespace, string $name): DOMElement
    {
        $document = $at->ownerDocument ?? throw Fault::unreadable('An element belongs to a document.');
        $made = $document->createElementNS($namespace, $name);
        $at->appendChild($made);

        return $made;
    }
}
