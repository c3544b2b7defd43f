<?php

declare(strict_types=1);

namespace App\Receive;

use App\Contract\ContractRequest;

final class DeliveryRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'delivery';
    }
}
