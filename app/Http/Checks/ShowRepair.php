<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Actions\Checks\RepairFault;
use App\Http\Repairs\RepairRequest;
use App\Http\Repairs\RepairResource;
use App\Models\Fault;

/** What is laid again to mend a fault. */
final readonly class ShowRepair
{
    public function __construct(private RepairFault $repairs)
    {
    }

    public function __invoke(RepairRequest $request, Fault $fault): RepairResource
    {
        return new RepairResource($this->repairs->handle($fault, $request->layer(), $request->share()));
    }
}
