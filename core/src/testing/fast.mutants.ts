// The fast tests in one file: mutation tests load the program once a fault instead of once a file.
import '../coating/coating.test';
import '../coating/materials.test';
import '../sanding/sanding.test';
import '../sanding/sandThrough.test';
import '../work/work.test';
import '../route/lookPlans.test';
import '../route/order/order.test';
import '../route/order/batch.test';
import '../route/record/record.test';
import '../route/scenarios.test';
import '../route/finish/finishing.test';
import '../route/workshop.test';
import '../route/views/risk.test';
import '../route/judgement.test';
import '../case/branches.test';
import '../case/compare.test';
